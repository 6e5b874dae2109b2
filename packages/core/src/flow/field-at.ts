import type { Site } from './ground';

/** A field's value at a place in cells, bilinear. Row-major over the site's grid. */
export function fieldAt(
  field: Float32Array | Int16Array,
  { grid: { nx, ny } }: Site,
  x: number,
  y: number,
): number {
  const px = Math.min(Math.max(x - 0.5, 0), nx - 1.001);
  const py = Math.min(Math.max(y - 0.5, 0), ny - 1.001);
  const ix = Math.floor(px);
  const iy = Math.floor(py);
  const at = iy * nx + ix;
  const top = field[at]! + (field[at + 1]! - field[at]!) * (px - ix);
  const low = field[at + nx]! + (field[at + nx + 1]! - field[at + nx]!) * (px - ix);
  return top + (low - top) * (py - iy);
}
