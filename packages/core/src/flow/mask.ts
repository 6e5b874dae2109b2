import { crossingsAt } from '../surface/outline/covers';

/** Rows each pixel is cut into; along a row the share covered is exact. */
const SUBROWS = 4;

/**
 * How much of each pixel lies within closed rings of x, y pairs by the even-odd rule, 0..255: scanlines with exact
 * ends. Row-major, `width` × `height`, the unit of the rings being `unitX`, `unitY` pixels.
 */
export function maskOf(
  rings: readonly (readonly number[])[],
  width: number,
  height: number,
  unitX: number,
  unitY: number,
): Uint8Array {
  const sums = new Float32Array(width * height);
  for (let sub = 0; sub < height * SUBROWS; sub++) {
    const y = (sub + 0.5) / SUBROWS;
    const crossings = crossingsAt(rings, y / unitY);
    const row = Math.floor(sub / SUBROWS) * width;
    for (let k = 0; k + 1 < crossings.length; k += 2) {
      const from = Math.max(0, unitX * crossings[k]!);
      const to = Math.min(width, unitX * crossings[k + 1]!);
      for (let x = Math.floor(from); x < to; x++)
        sums[row + x] = sums[row + x]! + Math.min(to, x + 1) - Math.max(from, x);
    }
  }
  const mask = new Uint8Array(sums.length);
  for (let i = 0; i < sums.length; i++) mask[i] = Math.round((255 * sums[i]!) / SUBROWS);
  return mask;
}
