import { bilinearAt } from './field-at';
import { DRY_M, type Film, type Floats, upperShare } from './film';
import type { Drive } from './grid';
import { fluidityOf } from './layers';
import { MOST_STRETCH } from './motion';
import type { Samples } from './trace-frame';

/**
 * What air that drags at a film makes go round in it, beside the mean motion: a film goes with 3z − 1.5z² of the flux that gravity and pressure drive
 * and with 2z of that the drag drives, so with 3z − 1.5z² of both and u_s·(1.5z² − z) more. That carries nothing on the whole: forward on top, back
 * below, even where the two fluxes are equal and opposite (science-flow 13). A part of the grid, row-major, `across` × `down` cells from `left`, `top`.
 */
export interface Circulation {
  readonly left: number;
  readonly top: number;
  readonly across: number;
  readonly down: number;
  /** Cells the drag alone moves the mean by in the frame, along x and along y, and div(u_s h)/h over it. */
  readonly x: Float32Array;
  readonly y: Float32Array;
  readonly apart: Float32Array;
}

/**
 * Of a frame of so many seconds, from the film at its end and its heights at its beginning; undefined where nothing wet is dragged. The way back through
 * it begins where a frame's motion has led, at its beginning: how far levels come apart is told by the heights there, else it would not keep volumes.
 */
export function circulationOf(
  film: Film,
  before: Floats,
  drive: Drive,
  seconds: number,
): Circulation | undefined {
  const { h, shearX, shearY } = film;
  const { nx, ny, dx } = film.grid;
  let [left, right, top, bottom] = [nx, -1, ny, -1];
  for (let i = 0; i < h.length; i++) {
    if (h[i]! < DRY_M || (shearX[i] === 0 && shearY[i] === 0)) continue;
    const [x, y] = [i % nx, Math.floor(i / nx)];
    [left, right] = [Math.min(left, x), Math.max(right, x)];
    [top, bottom] = [Math.min(top, y), Math.max(bottom, y)];
  }
  if (right < left) return undefined;
  // A ring of cells that are not dragged round them, so that it ends in nothing.
  [left, right] = [Math.max(0, left - 1), Math.min(nx - 1, right + 1)];
  [top, bottom] = [Math.max(0, top - 1), Math.min(ny - 1, bottom + 1)];
  const [across, down] = [right - left + 1, bottom - top + 1];
  const [x, y, apart] = [0, 1, 2].map(() => new Float32Array(across * down)) as [
    Float32Array,
    Float32Array,
    Float32Array,
  ];
  const cellAt = (k: number) => (top + Math.floor(k / across)) * nx + left + (k % across);
  const { layers } = drive;
  for (let k = 0; k < x.length; k++) {
    const i = cellAt(k);
    if (h[i]! < DRY_M) continue;
    const fluidity = layers
      ? fluidityOf(upperShare(film, i), layers.lowerNu, Math.exp(film.lnNu[i]!))
      : 1 / drive.nu;
    const per = ((before[i]! + h[i]!) * fluidity * seconds) / (4 * dx);
    x[k] = per * shearX[i]!;
    y[k] = per * shearY[i]!;
  }
  for (let row = 1; row < down - 1; row++)
    for (let column = 1; column < across - 1; column++) {
      const k = row * across + column;
      const own = before[cellAt(k)]!;
      if (own < DRY_M) continue;
      const carriedX = x[k + 1]! * before[cellAt(k + 1)]! - x[k - 1]! * before[cellAt(k - 1)]!;
      const carriedY =
        y[k + across]! * before[cellAt(k + across)]! - y[k - across]! * before[cellAt(k - across)]!;
      const stretch = (carriedX + carriedY) / (2 * own);
      apart[k] = Math.min(MOST_STRETCH, Math.max(-MOST_STRETCH, stretch));
    }
  return { left, top, across, down, x, y, apart };
}

/** How fast a level goes with it, of u_s; and the flux below a level, of u_s h. */
const paceAt = (z: number): number => z * (1.5 * z - 1);
const fluxBelow = (z: number): number => 0.5 * z * z * (z - 1);

/** Takes the first `count` samples back through it, in place. Midpoint rule, as `traceFrame`. */
export function circulateBack(
  { left, top, across, down, x, y, apart }: Circulation,
  samples: Samples,
  count: number,
): void {
  const at = (field: Float32Array, px: number, py: number): number =>
    bilinearAt(field, across, down, px - left, py - top);
  const beside = (px: number, py: number): boolean =>
    px < left || py < top || px > left + across || py > top + down;
  for (let k = 0; k < count; k++) {
    const [px, py, pz] = [samples.x[k]!, samples.y[k]!, samples.z[k]!];
    if (beside(px, py)) continue;
    const half = 0.5 * paceAt(pz);
    const midX = px - half * at(x, px, py);
    const midY = py - half * at(y, px, py);
    const midZ = pz + 0.5 * fluxBelow(pz) * at(apart, px, py);
    if (beside(midX, midY)) continue;
    const pace = paceAt(midZ);
    samples.x[k] = px - pace * at(x, midX, midY);
    samples.y[k] = py - pace * at(y, midX, midY);
    samples.z[k] = Math.min(1, Math.max(0, pz + fluxBelow(midZ) * at(apart, midX, midY)));
  }
}
