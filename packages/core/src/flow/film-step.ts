import type { Drive, Grid } from './grid';

/** Below this a face carries nothing, m: it keeps single-precision heights from becoming denormal numbers. */
const NOTHING_M = 1e-8;

/**
 * Buffers of a step, made once for a grid. Layout: `lower`, `middle`, `upper`, `right` hold one line of the
 * tridiagonal system; `flux` holds the flux integrated over the step, m², at the faces of one line.
 */
export interface StepBuffers {
  readonly middle: Float64Array;
  readonly upper: Float64Array;
  readonly right: Float64Array;
  readonly ahead: Float64Array;
  readonly back: Float64Array;
}

export function stepBuffers({ nx, ny }: Grid): StepBuffers {
  const n = Math.max(nx, ny) + 1;
  const line = () => new Float64Array(n);
  return { middle: line(), upper: line(), right: line(), ahead: line(), back: line() };
}

/**
 * One step of the film's height, in place: h_t + div Q = 0 with Q = h³/(3ν)·G, G the slope, tilt and spin
 * (lubrication theory). Each direction is swept on its own, linearly implicit with mobility from the old height and
 * upwind transport, so that heights stay positive and volume is kept for any `dtS`. The sweeps change order with
 * `xFirst`; alternate it to keep both directions alike. No paint passes the border of the grid.
 * @param h heights, m, row-major
 */
export function stepFilm(
  h: Float64Array,
  grid: Grid,
  drive: Drive,
  dtS: number,
  xFirst: boolean,
  buffers: StepBuffers,
): void {
  const { nx, ny } = grid;
  const sweepX = () => {
    for (let y = 0; y < ny; y++) sweepLine(h, y * nx, 1, nx, grid, drive, dtS, true, buffers);
  };
  const sweepY = () => {
    for (let x = 0; x < nx; x++) sweepLine(h, x, nx, ny, grid, drive, dtS, false, buffers);
  };
  if (xFirst) sweepX();
  sweepY();
  if (!xFirst) sweepX();
}

/** Solves one row or column. Face i lies between cells i − 1 and i; faces 0 and n are closed. */
function sweepLine(
  h: Float64Array,
  start: number,
  stride: number,
  n: number,
  { dx }: Grid,
  { nu, gx, gy, gz, spin }: Drive,
  dtS: number,
  alongX: boolean,
  { middle, upper, right, ahead, back }: StepBuffers,
): void {
  const rate = dtS / dx;
  const tilt = alongX ? gx : gy;
  ahead[0] = back[0] = ahead[n] = back[n] = 0;
  for (let i = 1; i < n; i++) {
    const left = h[start + (i - 1) * stride]!;
    const next = h[start + i * stride]!;
    if (left + next < NOTHING_M) {
      ahead[i] = back[i] = 0;
      continue;
    }
    // Spreading by the slope of the surface, mean mobility so that fronts can move onto dry ground.
    const spread = (gz * (left ** 3 + next ** 3)) / (6 * nu * dx);
    const pull = tilt + (spin ? spin.omega ** 2 * (i * dx - (alongX ? spin.xM : spin.yM)) : 0);
    const upwind = pull > 0 ? left : next;
    const drift = (pull * upwind * upwind) / (3 * nu);
    ahead[i] = spread + Math.max(drift, 0);
    back[i] = spread - Math.min(drift, 0);
  }
  // h' + rate·(q right − q left) = h with q = ahead·h'(left) − back·h'(right): diagonally dominant, so Thomas is safe.
  for (let i = 0; i < n; i++) {
    const diagonal = 1 + rate * (ahead[i + 1]! + back[i]!);
    const toLeft = -rate * ahead[i]!;
    const pivot = i === 0 ? diagonal : diagonal - toLeft * upper[i - 1]!;
    middle[i] = pivot;
    upper[i] = (-rate * back[i + 1]!) / pivot;
    right[i] = (h[start + i * stride]! - (i === 0 ? 0 : toLeft * right[i - 1]!)) / pivot;
  }
  for (let i = n - 1; i >= 0; i--) {
    const value = right[i]! - (i === n - 1 ? 0 : upper[i]! * h[start + (i + 1) * stride]!);
    h[start + i * stride] = value;
  }
}
