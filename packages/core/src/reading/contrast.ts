import { type AreaSums, areaSums, sumWithin } from './area-sums';
import type { Tiles } from './tiles';

/** How far round a place its contrast is looked at, mm. */
const ROUND_MM = 3;

/**
 * How unlike the squares round each square are: root mean square distance from their mean, ΔE 1976, over a window 6 mm wide; 0 off the piece. By
 * summed areas, so that the window's size costs nothing.
 */
export function contrastOf(tiles: Tiles): Float32Array {
  const { across, down, mm, on } = tiles;
  const reach = Math.max(1, Math.round(ROUND_MM / mm));
  const { count, l, a, b, squares } = spreadSums(tiles);
  const contrast = new Float32Array(across * down);
  for (let y = 0; y < down; y++)
    for (let x = 0; x < across; x++) {
      if (!on[y * across + x]) continue;
      const rows = [Math.max(0, y - reach), Math.min(down, y + reach + 1)] as const;
      const columns = [Math.max(0, x - reach), Math.min(across, x + reach + 1)] as const;
      const n = sumWithin(count, across, columns, rows);
      const mean2 =
        (sumWithin(l, across, columns, rows) ** 2 +
          sumWithin(a, across, columns, rows) ** 2 +
          sumWithin(b, across, columns, rows) ** 2) /
        (n * n);
      const variance = sumWithin(squares, across, columns, rows) / n - mean2;
      contrast[y * across + x] = Math.sqrt(Math.max(0, variance));
    }
  return contrast;
}

/** What a spread of colours follows from, summed: squares on the piece, their L*, a* and b*, and the squares of these together. */
export function spreadSums({ across, down, lab, on }: Tiles): {
  readonly count: AreaSums;
  readonly l: AreaSums;
  readonly a: AreaSums;
  readonly b: AreaSums;
  readonly squares: AreaSums;
} {
  const of = (k: number) => areaSums(across, down, (i) => (on[i] ? lab[3 * i + k]! : 0));
  return {
    count: areaSums(across, down, (i) => on[i]!),
    l: of(0),
    a: of(1),
    b: of(2),
    squares: areaSums(across, down, (i) =>
      on[i] ? lab[3 * i]! ** 2 + lab[3 * i + 1]! ** 2 + lab[3 * i + 2]! ** 2 : 0,
    ),
  };
}
