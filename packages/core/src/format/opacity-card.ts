import { COVERS } from '../stock/trial';
import type { Template } from './template';

/** One field of a card, mm: words at the left, then the bare bar, then a box for each coat. */
const WIDE_MM = 176;
const TALL_MM = 54;
const GAP_MM = 6;
/** As many fields as one sheet of either paper holds uncut. */
const PER_SHEET = 4;
const TEXT_MM = 3.5;
/** The black bar runs through everything right of the words, a fifth of a field high. */
const BAR = { x: 66, y: 23, wide: 110, tall: 10 };
/** A box to paint in, larger than the brush marks at its rim. */
const BOX = { wide: 40, tall: 42, y: 7 };
const ONE_COAT_X = 90;
const TWO_COATS_X = 134;
const TICK_MM = 3;
/** So many letters of ten points fit left of the bar. */
const LETTERS = 26;

/** Cards at true size to judge how paints cover: painted over a black bar, once in one box and twice in the other. A drawing a sheet. */
export function opacityCards(title: string, paints: readonly string[]): Template[] {
  return Array.from({ length: Math.ceil(paints.length / PER_SHEET) }, (_, sheet) => {
    const here = paints.slice(sheet * PER_SHEET, (sheet + 1) * PER_SHEET);
    const fields = here.map((name, i) => field(name, i * (TALL_MM + GAP_MM)));
    return {
      title,
      widthMm: WIDE_MM,
      heightMm: here.length * (TALL_MM + GAP_MM) - GAP_MM,
      textMm: TEXT_MM,
      lines: fields.flatMap((f) => f.lines),
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
      ...[ONE_COAT_X, TWO_COATS_X].map((x) => ({
        d: box(x, y + BOX.y, BOX.wide, BOX.tall),
        guide: false,
      })),
      // On top, so that no line cuts it.
      { d: box(BAR.x, y + BAR.y, BAR.wide, BAR.tall), guide: false, solid: true },
      ...ticks.map((at) => ({ d: box(0, at - TICK_MM, TICK_MM, TICK_MM), guide: false })),
      { d: `M20 ${y + 14}H58`, guide: false },
      { d: `M0 ${y + TALL_MM}H${WIDE_MM}`, guide: true },
    ],
    labels: [
      { x: 0, y: y + 5, text: name.length > LETTERS ? `${name.slice(0, LETTERS - 1)}…` : name },
      { x: 0, y: y + 13, text: 'Painted' },
      { x: BAR.x, y: y + 5, text: 'bare' },
      { x: ONE_COAT_X, y: y + 5, text: 'one coat' },
      { x: TWO_COATS_X, y: y + 5, text: 'two dried coats' },
      ...COVERS.map(({ class: of }, i) => ({ x: TICK_MM + 2, y: ticks[i]!, text: of })),
    ],
  };
}
