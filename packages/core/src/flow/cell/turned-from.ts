import type { Cells } from './paint-cell';
import { begun } from './seen-in';
import { turning } from './turning';

/** Where something lay: mm from the corner of the piece, and how deep, as a share of the film. */
export interface Lay {
  readonly atMm: readonly [number, number];
  readonly depth: number;
}

/** Where what lies so deep under a place of the finished surface lay before cells turned it over. Undefined where no cell is. */
export function turnedFrom(
  { cells, factors }: Cells,
  [x, y]: readonly [number, number],
  filmUm: number,
): ((depth: number) => Lay) | undefined {
  for (const cell of cells) {
    const [dx, dy] = [x - cell.atMm[0], y - cell.atMm[1]];
    if (Math.hypot(dx, dy) > cell.reachMm || !begun(cell)) continue;
    const { goTo, look, from } = turning(cell, factors);
    if (!goTo(dx, dy, filmUm)) continue;
    return (depth) => {
      look(depth);
      const [share, deep] = [from[0]!, from[1]!];
      return { atMm: [cell.atMm[0] + dx * share, cell.atMm[1] + dy * share], depth: deep };
    };
  }
  return undefined;
}
