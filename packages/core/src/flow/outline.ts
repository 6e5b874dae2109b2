import type { Pour } from './simulate';

/** A field over the film's cells, evaluated smoothly between them. */
export type Smooth = (xCells: number, yCells: number) => number;

/** Height a cell keeps beside the highest around it to count as fully wet. */
const FULL = 0.7;
const BLURS = 3;

/**
 * How surely a place is covered: 0.5 on the outline. A front moves cell by cell, so its raw edge is a staircase; wetness is
 * blurred thrice by the binomial 1-2-1 and evaluated as a quadratic B-spline. Cells off the surface take no part: an
 * edge of the surface is no edge of the paint.
 */
export function coverage(pour: Pour): Smooth {
  const { h, site } = pour;
  const { nx, ny } = site.grid;
  const { inside } = site;
  let wet = new Float32Array(nx * ny);
  for (let y = 1; y < ny - 1; y++)
    for (let x = 1; x < nx - 1; x++) {
      const i = y * nx + x;
      if (!inside[i]) continue;
      let most = 0;
      for (let row = i - nx; row <= i + nx; row += nx)
        for (let j = row - 1; j <= row + 1; j++) most = Math.max(most, h[j]!);
      wet[i] = most > 5e-5 ? Math.min(1, h[i]! / (FULL * most)) : 0;
    }
  let weight = Float32Array.from(inside);
  for (let n = 0; n < BLURS; n++) {
    wet = blur(wet, nx, ny);
    weight = blur(weight, nx, ny);
  }
  return spline(wet, weight, nx, ny);
}

/** Wet height, m, between cells of the surface only. */
export function filmHeight({ h, site }: Pour): Smooth {
  return spline(
    h.map((v, i) => (site.inside[i] ? v : 0)),
    Float32Array.from(site.inside),
    site.grid.nx,
    site.grid.ny,
  );
}

/** 1-2-1 along both axes. */
function blur(field: Float32Array, nx: number, ny: number): Float32Array<ArrayBuffer> {
  const rows = new Float32Array(nx * ny);
  for (let y = 0; y < ny; y++)
    for (let x = 1; x < nx - 1; x++) {
      const i = y * nx + x;
      rows[i] = 0.25 * field[i - 1]! + 0.5 * field[i]! + 0.25 * field[i + 1]!;
    }
  const out = new Float32Array(nx * ny);
  for (let i = nx; i < nx * (ny - 1); i++)
    out[i] = 0.25 * rows[i - nx]! + 0.5 * rows[i]! + 0.25 * rows[i + nx]!;
  return out;
}

/** Quadratic B-spline of field ÷ weight, so that what has no weight does not dilute. */
function spline(field: Float32Array, weight: Float32Array, nx: number, ny: number): Smooth {
  return (x, y) => {
    const cx = Math.min(Math.max(Math.floor(x), 1), nx - 2);
    const cy = Math.min(Math.max(Math.floor(y), 1), ny - 2);
    const u = Math.min(Math.max(x - cx, 0), 1);
    const v = Math.min(Math.max(y - cy, 0), 1);
    const wx0 = 0.5 * (1 - u) * (1 - u);
    const wx2 = 0.5 * u * u;
    const wx1 = 1 - wx0 - wx2;
    const wy0 = 0.5 * (1 - v) * (1 - v);
    const wy2 = 0.5 * v * v;
    const wy1 = 1 - wy0 - wy2;
    let sum = 0;
    let whole = 0;
    for (let row = 0; row < 3; row++) {
      const wy = row === 0 ? wy0 : row === 1 ? wy1 : wy2;
      const i = (cy - 1 + row) * nx + cx;
      sum += wy * (wx0 * field[i - 1]! + wx1 * field[i]! + wx2 * field[i + 1]!);
      whole += wy * (wx0 * weight[i - 1]! + wx1 * weight[i]! + wx2 * weight[i + 1]!);
    }
    return whole > 1e-3 ? sum / whole : 0;
  };
}
