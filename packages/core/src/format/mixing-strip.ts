import { eyeMark, fillsOf } from '../mix/by-eye';
import { beginWeighing } from '../mix/weighing';
import type { ToWeigh } from '../plan/weighing-order';
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

/**
 * Strips at true size to tape on the outside of a cup, the lower edge at its floor: one a mix, a mark for where each ingredient ends. Marks lie along
 * the slanted wall. A mix that fills several cups has the marks of one of them. A drawing for each sheet of paper.
 * @param paints ids of what counts as paint
 */
export function mixingStrips(
  title: string,
  batches: readonly ToWeigh[],
  nameOf: (id: string) => string,
  paints: ReadonlySet<string>,
  vessel: Vessel,
): Template[] {
  const rowMm = HEAD_MM + wallMm(vessel, vessel.heightMm);
  const rows = Math.max(1, Math.floor((SHEET_MM + GAP_MM) / (rowMm + GAP_MM)));
  const perSheet = COLUMNS * rows;
  return Array.from({ length: Math.ceil(batches.length / perSheet) }, (_, sheet) => {
    const here = batches.slice(sheet * perSheet, (sheet + 1) * perSheet);
    const strips = here.map((batch, i) =>
      strip(batch, nameOf, paints, vessel, {
        x: (i % COLUMNS) * (WIDE_MM + GAP_MM),
        y: Math.floor(i / COLUMNS) * (rowMm + GAP_MM),
        rowMm,
      }),
    );
    const columns = Math.min(COLUMNS, here.length);
    const deep = Math.ceil(here.length / COLUMNS);
    return {
      title: `${title}, mixing strips`,
      widthMm: columns * (WIDE_MM + GAP_MM) - GAP_MM,
      heightMm: deep * (rowMm + GAP_MM) - GAP_MM,
      textMm: TEXT_MM,
      lines: strips.flatMap((s) => s.lines),
      labels: strips.flatMap((s) => s.labels),
    };
  });
}

function strip(
  batch: ToWeigh,
  nameOf: (id: string) => string,
  paints: ReadonlySet<string>,
  vessel: Vessel,
  { x, y, rowMm }: { readonly x: number; readonly y: number; readonly rowMm: number },
): { lines: Template['lines'][number][]; labels: Template['labels'][number][] } {
  const floor = y + rowMm;
  const ml = batch.steps.reduce((sum, s) => sum + (s.drops === undefined ? s.ml : 0), 0);
  const fills = fillsOf(vessel, ml);
  const lines = [{ d: `M${x} ${y + HEAD_MM}H${x + WIDE_MM}V${floor}H${x}Z`, guide: false }];
  const labels = [
    { x: x + 1, y: y + 5, text: short(batch.name) },
    {
      x: x + 1,
      y: y + 10,
      text: fills > 1 ? `${fills} cups, ${trim(ml / fills, 0)} mL each` : `${trim(ml, 0)} mL`,
    },
  ];
  const weighing = beginWeighing(batch.id, batch.steps);
  let below = Infinity;
  weighing.lines.forEach((line, at) => {
    if (line.drops !== undefined) return;
    const mark = eyeMark(weighing, at, batch.steps, paints, vessel, fills);
    const markY = floor - mark.wallMm;
    lines.push({ d: `M${x} ${markY}h${MARK_MM}`, guide: false });
    below = Math.min(markY + 1.2, below - LINE_MM);
    labels.push({
      x: x + MARK_MM + 1,
      y: below,
      text: short(`${nameOf(line.material)}, ${trim(mark.ml, 0)} mL`),
    });
  });
  return { lines, labels };
}

const short = (text: string): string =>
  text.length > LETTERS ? `${text.slice(0, LETTERS - 1)}…` : text;
