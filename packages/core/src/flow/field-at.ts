import type { Floats } from './film';
import type { Grid } from './grid';
import type { Site } from './ground';

/** A field's value at a place in cells, bilinear. Row-major over the site's grid. */
export const fieldAt = (
  field: Float32Array | Int16Array | Uint16Array,
  { grid: { nx, ny } }: Site,
  x: number,
  y: number,
): number => bilinearAt(field, nx, ny, x, y);

/** A part of a field, row-major: `across` × `down` cells from `left`, `top` of the grid. */
export interface Patch {
  readonly left: number;
  readonly top: number;
  readonly across: number;
  readonly down: number;
  readonly field: Float32Array;
}

/** The part of a field of a grid's cells that lies within so many of them of a place. */
export function patchOf(
  of: Floats,
  { nx, ny }: Grid,
  { x, y }: { readonly x: number; readonly y: number },
  reach: number,
): Patch {
  const left = Math.max(0, Math.floor(x - reach));
  const top = Math.max(0, Math.floor(y - reach));
  const right = Math.min(nx, Math.ceil(x + reach));
  const bottom = Math.min(ny, Math.ceil(y + reach));
  const [across, down] = [Math.max(0, right - left), Math.max(0, bottom - top)];
  const field = new Float32Array(across * down);
  for (let row = 0; row < down; row++)
    field.set(of.subarray((top + row) * nx + left, (top + row) * nx + right), row * across);
  return { left, top, across, down, field };
}

/** The value of a part of a field at a place of the grid in cells; 0 where it has no cells. */
export const patchAt = ({ left, top, across, down, field }: Patch, x: number, y: number): number =>
  across > 1 && down > 1 ? bilinearAt(field, across, down, x - left, y - top) : 0;

/** The value of `nx` × `ny` cells, row-major from `first` on, at a place in cells: between the middles of the four around, held at the border. */
export function bilinearAt(
  field: Float32Array | Int16Array | Uint16Array,
  nx: number,
  ny: number,
  x: number,
  y: number,
  first = 0,
): number {
  const px = Math.min(Math.max(x - 0.5, 0), nx - 1.001);
  const py = Math.min(Math.max(y - 0.5, 0), ny - 1.001);
  const ix = Math.floor(px);
  const iy = Math.floor(py);
  const at = first + iy * nx + ix;
  const top = field[at]! + (field[at + 1]! - field[at]!) * (px - ix);
  const low = field[at + nx]! + (field[at + nx + 1]! - field[at + nx]!) * (px - ix);
  return top + (low - top) * (py - iy);
}
