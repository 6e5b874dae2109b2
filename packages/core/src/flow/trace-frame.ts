import type { Floats } from './film';
import type { Grid } from './grid';
import type { Box } from './motion';
import { fallOf, paceAt } from './profile';

/** Channels of a frame's field, interleaved cell by cell. */
export const CHANNELS = 4;

/** Places in the film, in cells of its grid, with z = height above the ground ÷ wet height, 0..1. */
export interface Samples {
  readonly x: Floats;
  readonly y: Floats;
  readonly z: Floats;
}

/**
 * Takes the first `count` samples back through one frame, in place. A film moves at depth z with f of its mean velocity (see `paceAt`), and
 * what flows apart lowers a level: Dz/Dt = [(z − F)·div Q − Q·∇F]/h, F = ∫f (incompressibility); z = 0 and z = 1 stay where they are.
 * ∇F is not 0 where the profile differs from place to place. Midpoint rule (Runge 1895). Samples outside `box`, where nothing moves,
 * are left alone.
 * @param field for each cell: cells the mean flow moves along x and along y in the frame, div Q·T/h, excess of the profile
 */
export function traceFrame(
  field: Floats,
  grid: Grid,
  samples: Samples,
  count: number,
  box: Box,
): void {
  for (let k = 0; k < count; k++) traceBack(field, grid, samples, k, box, 1);
}

/** What `fieldAt` found last. Not made anew: it is asked for every place. */
const at = new Float64Array(CHANNELS + 2);

/** The same for one sample, from where it is when a share of the frame has gone by. */
export function traceBack(
  field: Floats,
  grid: Grid,
  { x, y, z }: Samples,
  k: number,
  box: Box,
  share: number,
): void {
  if (!reaches(box, x[k]!, y[k]!)) return;
  const zk = z[k]!;
  fieldAt(field, grid, x[k]!, y[k]!, at);
  const half = 0.5 * share * paceAt(zk, at[3]!);
  const zm = Math.min(Math.max(zk - 0.5 * share * fall(zk, at), 0), 1);
  const [midX, midY] = [x[k]! - half * at[0]!, y[k]! - half * at[1]!];
  if (reaches(box, midX, midY)) fieldAt(field, grid, midX, midY, at);
  else at.fill(0);
  const whole = share * paceAt(zm, at[3]!);
  x[k] = x[k]! - whole * at[0]!;
  y[k] = y[k]! - whole * at[1]!;
  z[k] = Math.min(Math.max(zk - share * fall(zm, at), 0), 1);
}

/** How far a level falls in the frame, for what `fieldAt` found there. */
const fall = (z: number, [u, v, apart, excess, alongX, alongY]: Float64Array): number =>
  fallOf(z, apart!, excess!, u! * alongX! + v! * alongY!);

/** Whether what is between four cells' middles at a place has a cell of the box among them. */
const reaches = ({ left, top, right, bottom }: Box, x: number, y: number): boolean =>
  x >= left - 0.5 && x <= right + 1.5 && y >= top - 0.5 && y <= bottom + 1.5;

/** The channels at a place, bilinear between the four cells around it, held at the border; then how the last changes along x and y. */
function fieldAt(field: Floats, { nx, ny }: Grid, x: number, y: number, out: Float64Array): void {
  const px = Math.min(Math.max(x - 0.5, 0), nx - 1.001);
  const py = Math.min(Math.max(y - 0.5, 0), ny - 1.001);
  const ix = Math.floor(px);
  const iy = Math.floor(py);
  const fx = px - ix;
  const fy = py - iy;
  const above = (iy * nx + ix) * CHANNELS;
  const below = above + nx * CHANNELS;
  for (let c = 0; c < CHANNELS; c++) {
    const alongTop = field[above + CHANNELS + c]! - field[above + c]!;
    const alongLow = field[below + CHANNELS + c]! - field[below + c]!;
    const top = field[above + c]! + fx * alongTop;
    const low = field[below + c]! + fx * alongLow;
    out[c] = top + fy * (low - top);
    out[CHANNELS] = alongTop + fy * (alongLow - alongTop);
    out[CHANNELS + 1] = low - top;
  }
}
