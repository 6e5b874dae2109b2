import type { Cells } from './paint-cell';
import { cameFrom, overturn } from './overturn';
import { begun, cellAge, rhoAt, tornAt } from './seen-in';

/**
 * Where what lies under a place of the finished surface lay before cells turned it over: for a depth, a share of the film, the place, mm, and its
 * depth. Undefined where no cell is.
 */
export function turnedFrom(
  { cells, factors }: Cells,
  [x, y]: readonly [number, number],
  filmUm: number,
):
  | ((depth: number) => { readonly atMm: readonly [number, number]; readonly depth: number })
  | undefined {
  for (const cell of cells) {
    const [dx, dy] = [x - cell.atMm[0], y - cell.atMm[1]];
    if (Math.hypot(dx, dy) > cell.reachMm || !begun(cell)) continue;
    const rho = rhoAt(cell, dx, dy);
    if (rho >= 1) continue;
    const table = overturn(cellAge(cell, factors));
    const torn = tornAt(table, rho, factors['cell-tears-at'] / Math.max(1, filmUm));
    const from = new Float64Array(2);
    return (depth) => {
      cameFrom(table, rho, torn + depth * (1 - torn), from);
      const share = rho > 1e-6 ? from[0]! / rho : 0;
      return { atMm: [cell.atMm[0] + dx * share, cell.atMm[1] + dy * share], depth: from[1]! };
    };
  }
  return undefined;
}
