import type { CupToLoad } from '../plan/asked/loading';
import { trim } from '../quantity/show';
import type { Template } from './template';

/** A label and the way between two, mm; so many across and down one sheet of either paper. */
const WIDE_MM = 92;
const HIGH_MM = 44;
const GAP_MM = 4;
const ACROSS = 2;
const DOWN = 5;
/** Ten points, mm, and a line of them. */
const TEXT_MM = 3.5;
const LINE_MM = 4.6;
/** Lines that fit under the name, and letters that fit into one. */
const LINES = 7;
const LETTERS = 48;

/** Labels for cups: which it is, of which plan, and what goes in, first in first. A drawing for each sheet of paper. */
export function cupLabels(
  title: string,
  cups: readonly CupToLoad[],
  nameOf: (mix: string) => string,
): Template[] {
  const perSheet = ACROSS * DOWN;
  return Array.from({ length: Math.ceil(cups.length / perSheet) }, (_, sheet) => {
    const here = cups.slice(sheet * perSheet, (sheet + 1) * perSheet);
    const at = (i: number) => ({
      x: (i % ACROSS) * (WIDE_MM + GAP_MM),
      y: Math.floor(i / ACROSS) * (HIGH_MM + GAP_MM),
    });
    return {
      title: `${title}, cup labels`,
      widthMm: Math.min(ACROSS, here.length) * (WIDE_MM + GAP_MM) - GAP_MM,
      heightMm: Math.ceil(here.length / ACROSS) * (HIGH_MM + GAP_MM) - GAP_MM,
      textMm: TEXT_MM,
      lines: here.map((_cup, i) => {
        const { x, y } = at(i);
        return { d: `M${x} ${y}h${WIDE_MM}v${HIGH_MM}h${-WIDE_MM}Z`, guide: false };
      }),
      labels: here.flatMap((cup, i) => {
        const { x, y } = at(i);
        return linesOf(title, cup, nameOf).map((text, line) => ({
          x: x + 2,
          y: y + 5 + line * LINE_MM,
          text,
        }));
      }),
    };
  });
}

function linesOf(title: string, cup: CupToLoad, nameOf: (mix: string) => string): string[] {
  const order = cup.layers.map((l, i) => `${i + 1} ${nameOf(l.mix)} ${trim(l.g, 0)} g`);
  const shown: string[] = [];
  // As many layers a line as fit.
  for (const layer of order) {
    const last = shown.at(-1);
    if (last !== undefined && last.length + layer.length + 3 <= LETTERS)
      shown[shown.length - 1] = `${last}   ${layer}`;
    else shown.push(layer);
  }
  const fits =
    shown.length <= LINES ? shown : [...shown.slice(0, LINES - 1), 'and more, see the sheet'];
  return [cup.name, title, ...fits].map((text) =>
    text.length > LETTERS ? `${text.slice(0, LETTERS - 1)}…` : text,
  );
}
