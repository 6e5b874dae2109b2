import { COVERS } from '../stock/trial';
import { BAR, BOXES, FIELD, MARKS } from '../card';
import type { Template } from './template';

const GAP_MM = 6;
/** As many fields as one sheet of either paper holds uncut. */
const PER_SHEET = 4;
const TEXT_MM = 3.5;
const TICK_MM = 3;
/** Words begin right of the mark at the corner. */
const WORDS_X = 6;
/** So many letters of ten points fit left of the bar. */
const LETTERS = 26;

/** Cards at true size to judge how paints cover: painted over a black bar, once in one box and twice in the other. A drawing a sheet. */
export function opacityCards(title: string, paints: readonly string[]): Template[] {
  return Array.from({ length: Math.ceil(paints.length / PER_SHEET) }, (_, sheet) => {
    const here = paints.slice(sheet * PER_SHEET, (sheet + 1) * PER_SHEET);
    const fields = here.map((name, i) => field(name, i * (FIELD.tall + GAP_MM)));
    // Cut between two of them, so that no line comes near a mark.
    const cuts = here.slice(1).map((_, i) => ({
      d: `M0 ${(i + 1) * (FIELD.tall + GAP_MM) - GAP_MM / 2}H${FIELD.wide}`,
      guide: true,
    }));
    return {
      title,
      widthMm: FIELD.wide,
      heightMm: here.length * (FIELD.tall + GAP_MM) - GAP_MM,
      textMm: TEXT_MM,
      lines: [...fields.flatMap((f) => f.lines), ...cuts],
      labels: fields.flatMap((f) => f.labels),
    };
  });
}

const box = (x: number, y: number, w: number, h: number): string =>
  `M${x} ${y}H${x + w}V${y + h}H${x}Z`;

function field(name: string, y: number): Pick<Template, 'lines' | 'labels'> {
  const ticks = COVERS.map((_, i) => y + 25 + i * 7);
  return {
    lines: [
      ...BOXES.map((of) => ({ d: box(of.x, y + of.y, of.wide, of.tall), guide: false })),
      // On top, so that no line cuts it.
      ...[BAR, ...MARKS].map((of) => ({
        d: box(of.x, y + of.y, of.wide, of.tall),
        guide: false,
        solid: true as const,
      })),
      ...ticks.map((at) => ({ d: box(0, at - TICK_MM, TICK_MM, TICK_MM), guide: false })),
      { d: `M20 ${y + 14}H58`, guide: false },
    ],
    labels: [
      {
        x: WORDS_X,
        y: y + 5,
        text: name.length > LETTERS ? `${name.slice(0, LETTERS - 1)}…` : name,
      },
      { x: 0, y: y + 13, text: 'Painted' },
      { x: BAR.x, y: y + 5, text: 'bare' },
      ...['one coat', 'two dried coats'].map((text, i) => ({ x: BOXES[i]!.x, y: y + 5, text })),
      ...COVERS.map(({ class: of }, i) => ({ x: TICK_MM + 2, y: ticks[i]!, text: of })),
    ],
  };
}
