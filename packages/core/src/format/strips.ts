import { eyeMark, fillsOf } from '../mix/by-eye';
import { beginWeighing } from '../mix/weighing';
import type { CupToLoad } from '../plan/asked/loading';
import type { ToWeigh } from '../plan/asked/weighing-order';
import { trim } from '../quantity/show';
import { wallMm } from '../vessel/frustum';
import type { Vessel } from '../vessel/schema';
import type { Template } from './template';

/** A strip is so wide, and so far from its neighbour, mm. */
const WIDE_MM = 44;
const GAP_MM = 4;
/** Room over a strip for its name, mm. */
const HEAD_MM = 12;
/** Words nearer than this would lie on each other, mm. */
const LINE_MM = 4.4;
/** A mark's line; the words stand beside its end, mm. */
const MARK_MM = 8;
/** Ten points, mm. */
const TEXT_MM = 3.5;
/** So many letters of ten points fit on a strip. */
const LETTERS = 24;

/** Strips stand this many beside each other, and rows of them fit into this height, so that no sheet cuts one in two. */
const COLUMNS = 4;
const SHEET_MM = 240;

/** One strip for the wall of a cup: what it is for, and where each thing that goes in ends in one of its fills. */
export interface StripMarks {
  readonly id: string;
  readonly name: string;
  readonly fills: number;
  /** From the floor to the brim along the wall, mm. */
  readonly tallMm: number;
  /** All that goes into one fill, mL. */
  readonly ml: number;
  readonly lines: readonly {
    readonly name: string;
    readonly wallMm: number;
    readonly ml: number;
  }[];
}

/**
 * The marks of each mix on the wall of the cup it is mixed in. One that fills several cups has the marks of one of them.
 * @param paints ids of what counts as paint
 */
export const mixingMarks = (
  batches: readonly ToWeigh[],
  nameOf: (id: string) => string,
  paints: ReadonlySet<string>,
  vessel: Vessel,
): StripMarks[] =>
  batches.map(({ id, name, steps }) => {
    const ml = steps.reduce((sum, s) => sum + (s.drops === undefined ? s.ml : 0), 0);
    const fills = fillsOf(vessel, ml);
    const weighing = beginWeighing(id, steps);
    return {
      id,
      name,
      fills,
      tallMm: wallMm(vessel, vessel.heightMm),
      ml: ml / fills,
      lines: weighing.lines.flatMap((line, at) => {
        if (line.drops !== undefined || line.powder) return [];
        const mark = eyeMark(weighing, at, steps, paints, vessel, fills);
        return [{ name: nameOf(line.material), wallMm: mark.wallMm, ml: mark.ml }];
      }),
    };
  });

/** The marks of each cup as it is loaded, a line a layer. */
export const loadingMarks = (
  cups: readonly CupToLoad[],
  nameOf: (mix: string) => string,
): StripMarks[] =>
  cups.map(({ id, name, vessel, layers }) => ({
    id,
    name,
    fills: 1,
    tallMm: wallMm(vessel, vessel.heightMm),
    ml: layers.reduce((sum, l) => sum + l.ml, 0),
    lines: layers.map((l) => ({
      name: nameOf(l.mix),
      wallMm: wallMm(vessel, l.toMm),
      ml: l.ml,
    })),
  }));

/** Strips at true size to tape on the outside of cups, the lower edge at the floor: a drawing for each sheet of paper. */
export function stripSheets(title: string, strips: readonly StripMarks[]): Template[] {
  const rowMm = HEAD_MM + Math.max(0, ...strips.map((s) => s.tallMm));
  const rows = Math.max(1, Math.floor((SHEET_MM + GAP_MM) / (rowMm + GAP_MM)));
  const perSheet = COLUMNS * rows;
  return Array.from({ length: Math.ceil(strips.length / perSheet) }, (_, sheet) => {
    const here = strips.slice(sheet * perSheet, (sheet + 1) * perSheet);
    const drawn = here.map((marks, i) =>
      drawnStrip(marks, {
        x: (i % COLUMNS) * (WIDE_MM + GAP_MM),
        y: Math.floor(i / COLUMNS) * (rowMm + GAP_MM),
        rowMm,
      }),
    );
    return {
      title,
      widthMm: Math.min(COLUMNS, here.length) * (WIDE_MM + GAP_MM) - GAP_MM,
      heightMm: Math.ceil(here.length / COLUMNS) * (rowMm + GAP_MM) - GAP_MM,
      lines: drawn.flatMap((s) => s.lines),
      textMm: TEXT_MM,
      labels: drawn.flatMap((s) => s.labels),
    };
  });
}

function drawnStrip(
  { name, fills, tallMm, ml, lines: marks }: StripMarks,
  { x, y, rowMm }: { readonly x: number; readonly y: number; readonly rowMm: number },
): Pick<Template, 'lines' | 'labels'> {
  const floor = y + rowMm;
  const top = floor - tallMm;
  const lines = [{ d: `M${x} ${top}H${x + WIDE_MM}V${floor}H${x}Z`, guide: false }];
  const labels = [
    { x: x + 1, y: top - 7, text: short(name) },
    {
      x: x + 1,
      y: top - 2,
      text: `${fills > 1 ? `${fills} cups, each ` : ''}${trim(ml, 0)} mL`,
    },
  ];
  let below = Infinity;
  for (const mark of marks) {
    const markY = floor - mark.wallMm;
    lines.push({ d: `M${x} ${markY}h${MARK_MM}`, guide: false });
    below = Math.min(markY + 1.2, below - LINE_MM);
    labels.push({
      x: x + MARK_MM + 1,
      y: below,
      text: short(`${mark.name}, ${trim(mark.ml, 0)} mL`),
    });
  }
  return { lines, labels };
}

const short = (text: string): string =>
  text.length > LETTERS ? `${text.slice(0, LETTERS - 1)}…` : text;
