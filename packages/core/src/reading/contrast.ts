import type { Tiles } from './tiles';

/** How far round a place its contrast is looked at, mm. */
const ROUND_MM = 3;

/**
 * How unlike the squares round each square are: root mean square distance from their mean, ΔE 1976, over a window 6 mm wide; 0 off the piece. By
 * summed areas, so that the window's size costs nothing.
 */
export function contrastOf({ across, down, mm, lab, on }: Tiles): Float32Array {
  const reach = Math.max(1, Math.round(ROUND_MM / mm));
  const wide = across + 1;
  const sums = Array.from({ length: 5 }, () => new Float64Array(wide * (down + 1)));
  const [count, l, a, b, squares] = sums as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  for (let y = 0; y < down; y++) {
    const row = [0, 0, 0, 0, 0];
    for (let x = 0; x < across; x++) {
      const tile = y * across + x;
      if (on[tile]) {
        const [L, A, B] = [lab[3 * tile]!, lab[3 * tile + 1]!, lab[3 * tile + 2]!];
        row[0]! += 1;
        row[1]! += L;
        row[2]! += A;
        row[3]! += B;
        row[4]! += L * L + A * A + B * B;
      }
      const at = (y + 1) * wide + x + 1;
      for (let k = 0; k < 5; k++) sums[k]![at] = sums[k]![at - wide]! + row[k]!;
    }
  }
  const contrast = new Float32Array(across * down);
  for (let y = 0; y < down; y++)
    for (let x = 0; x < across; x++) {
      if (!on[y * across + x]) continue;
      const [top, low] = [Math.max(0, y - reach), Math.min(down, y + reach + 1)];
      const [left, right] = [Math.max(0, x - reach), Math.min(across, x + reach + 1)];
      const over = (of: Float64Array) =>
        of[low * wide + right]! -
        of[top * wide + right]! -
        of[low * wide + left]! +
        of[top * wide + left]!;
      const n = over(count);
      const mean2 = (over(l) ** 2 + over(a) ** 2 + over(b) ** 2) / (n * n);
      contrast[y * across + x] = Math.sqrt(Math.max(0, over(squares) / n - mean2));
    }
  return contrast;
}
