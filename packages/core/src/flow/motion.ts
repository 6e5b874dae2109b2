import { DRY_M, type Film, type Floats, upperShare } from './film';
import type { Drive, Grid } from './grid';
import { tellStanding } from './standing';
import { excessOf, type Layers, MOST_EXCESS } from './layers';

/**
 * How the film moved over a stretch of time, stored small: planes of `nx·ny` sixteen-bit numbers (it changes
 * 0.01 % of a picture's pixels). Planes: cells the mean flow moved along x, along y, and div Q·T/h. `most` is what
 * the largest number of each of these stands for. Where two films run one on the other, a fourth: the excess of the profile (see `paceAt`), in parts
 * of `MOST_EXCESS`. What air that drags at the surface does beside it is told by itself, see `circulation.ts`.
 */
export interface Motion {
  readonly data: Int16Array;
  readonly most: readonly [number, number, number];
  /** Where anything moves: samples elsewhere stay where they are. */
  readonly box: Box;
  /** Kept for every second cell only, along x and along y. */
  readonly halved?: true;
}

/** Cells from `left`, `top` to `right`, `bottom`, these among them; none where `right` is before `left`. */
export interface Box {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

/** Planes of a motion, and of one whose profile is not an even film's. */
export const PLANES = 3;
export const LAYERED_PLANES = 4;

/** Planes a motion under this drive has. */
export const planesFor = ({ layers }: Drive): number => (layers ? LAYERED_PLANES : PLANES);

/** Planes a motion of a grid of `n` cells has. */
export const planesOf = ({ data, halved }: Motion, n: number): number =>
  data.length / (halved ? n / 4 : n);

/** Excess of the profile of a cell, where it was told. */
export function excessAt(motion: Motion, { nx, ny }: Grid, x: number, y: number): number {
  if (planesOf(motion, nx * ny) !== LAYERED_PLANES) return 0;
  const step = motion.halved ? 2 : 1;
  const at = Math.floor(y / step) * (nx / step) + Math.floor(x / step);
  const plane = (PLANES * nx * ny) / (step * step);
  return (motion.data[plane + at]! * MOST_EXCESS) / WHOLE;
}

/** A motion in a quarter of the memory: each four cells by their mean. What moves is smooth but at fronts, which blur by a cell. */
export function halve(motion: Motion, { nx, ny }: Grid): Motion {
  if (motion.halved) return motion;
  const n = nx * ny;
  const [mx, my] = [nx / 2, ny / 2];
  const planes = planesOf(motion, n);
  const data = new Int16Array((planes * n) / 4);
  for (let p = 0; p < planes; p++)
    for (let y = 0; y < my; y++)
      for (let x = 0; x < mx; x++) {
        const i = p * n + 2 * y * nx + 2 * x;
        const four =
          motion.data[i]! + motion.data[i + 1]! + motion.data[i + nx]! + motion.data[i + nx + 1]!;
        data[(p * n) / 4 + y * mx + x] = Math.round(four / 4);
      }
  return { ...motion, data, halved: true };
}

/** A motion for every cell again: between those kept, straight. */
export function whole(motion: Motion, { nx, ny }: Grid): Motion {
  if (!motion.halved) return motion;
  const n = nx * ny;
  const [mx, my] = [nx / 2, ny / 2];
  const planes = planesOf(motion, n);
  const data = new Int16Array(planes * n);
  for (let p = 0; p < planes; p++) {
    const from = (p * n) / 4;
    for (let y = 0; y < ny; y++) {
      // Cells lie a quarter of a kept one from the middle of theirs: three parts of it, one of the next.
      const near = y >> 1;
      const far = Math.min(my - 1, Math.max(0, near + (y & 1 ? 1 : -1)));
      for (let x = 0; x < nx; x++) {
        const beside = x >> 1;
        const next = Math.min(mx - 1, Math.max(0, beside + (x & 1 ? 1 : -1)));
        const mine =
          3 * motion.data[from + near * mx + beside]! + motion.data[from + near * mx + next]!;
        const other =
          3 * motion.data[from + far * mx + beside]! + motion.data[from + far * mx + next]!;
        data[p * n + y * nx + x] = Math.round((3 * mine + other) / 16);
      }
    }
  }
  const { halved: _, ...rest } = motion;
  return { ...rest, data };
}

/** The cells of a packed motion in which anything moves. */
export function boxOf(data: Int16Array, { nx, ny }: Pick<Grid, 'nx' | 'ny'>): Box {
  const n = nx * ny;
  const moves = (i: number) => (data[i]! | data[n + i]! | data[2 * n + i]!) !== 0;
  const inRow = (y: number) => {
    for (let x = 0; x < nx; x++) if (moves(y * nx + x)) return true;
    return false;
  };
  let [top, bottom] = [0, ny - 1];
  while (top < ny && !inRow(top)) top++;
  while (bottom > top && !inRow(bottom)) bottom--;
  let [left, right] = [nx, -1];
  for (let y = top; y <= bottom; y++) {
    for (let x = 0; x < left; x++) if (moves(y * nx + x)) left = x;
    for (let x = nx - 1; x > right; x--) if (moves(y * nx + x)) right = x;
  }
  return { left, top, right, bottom };
}

/** The largest number of a plane. */
export const WHOLE = 32766;
/** Thinner than this the grid's velocity at a front is ragged and is taken from around it, m. */
const THIN_M = 0.25e-3;
/** Most a frame may stretch a column, and pile one up: beyond it the grid knows too little. A place in one that is stretched more would miss the ground. */
export const MOST_STRETCH = 2;
const MOST_PILED = 4;
/** Weight of a cell that has its velocity from others, m, where a wet cell weighs its height. */
const BORROWED_M = 5e-6;
/** Rings around a front that are smoothed with it, and how often: tuned by the shares of eight layers, of which more of both gives the first too much. */
const RINGS = 2;
const PASSES = 1;
/** Keeps a plane of zeros from dividing by nothing. */
const LEAST = 1e-12;

/** Work space of `motionOf`, made once for a grid. */
export interface MotionSpace {
  readonly ux: Float32Array;
  readonly uy: Float32Array;
  readonly dv: Float32Array;
  readonly weight: Float32Array;
  readonly soft: Uint8Array;
  readonly list: Int32Array;
  readonly fresh: Float32Array;
  readonly excess: Float32Array;
}

export function motionSpace({ nx, ny }: Grid): MotionSpace {
  const n = nx * ny;
  const floats = () => new Float32Array(n);
  return {
    ux: floats(),
    uy: floats(),
    dv: floats(),
    weight: floats(),
    soft: new Uint8Array(n),
    list: new Int32Array(n),
    fresh: new Float32Array(3 * n),
    excess: floats(),
  };
}

/**
 * The motion of a film from its summed fluxes and its heights before and after, so that motion and height agree to
 * round-off. Near fronts the velocity is the height-weighted mean of what is around, carried a few cells on to dry ground
 * and off the surface, so that no sample beside moving paint is held back. The kernel does the same.
 */
export function motionOf(
  film: Film,
  before: Floats,
  space: MotionSpace,
  drive: Drive,
  into: Int16Array = new Int16Array(planesFor(drive) * film.h.length),
): Motion {
  const { h, ground, fluxX, fluxY } = film;
  const { nx, ny, dx } = film.grid;
  const { ux, uy, dv, weight, soft, list } = space;
  const n = nx * ny;
  for (let i = 0; i < n; i++) weight[i] = ground[i]! >= 0 ? 0.5 * (before[i]! + h[i]!) : 0;
  soft.fill(0);
  ux.fill(0);
  uy.fill(0);
  dv.fill(0);
  let count = 0;
  for (let y = 1; y < ny - 1; y++)
    for (let x = 1; x < nx - 1; x++) {
      const i = y * nx + x;
      const own = weight[i]!;
      if (own < DRY_M) continue;
      // Off the surface stands no height, and is not dry ground either.
      const left = ground[i - 1]! >= 0 ? weight[i - 1]! : own;
      const right = ground[i + 1]! >= 0 ? weight[i + 1]! : own;
      const up = ground[i - nx]! >= 0 ? weight[i - nx]! : own;
      const down = ground[i + nx]! >= 0 ? weight[i + nx]! : own;
      const qx = fluxX[i + 1]!;
      const qy = fluxY[i + nx]!;
      ux[i] = (fluxX[i]! + qx) / (2 * dx * own);
      uy[i] = (fluxY[i]! + qy) / (2 * dx * own);
      const rose = (h[i]! - before[i]!) / (2 * own);
      const stretch = (overLogMean(rose * rose) * (qx - fluxX[i]! + qy - fluxY[i]!)) / (dx * own);
      dv[i] = Math.min(Math.max(stretch, -MOST_PILED), MOST_STRETCH);
      if (own < THIN_M || left < DRY_M || right < DRY_M || up < DRY_M || down < DRY_M) {
        soft[i] = 1;
        list[count++] = i;
      }
    }
  for (let i = 0; i < n; i++) if (weight[i]! < DRY_M) weight[i] = 0;
  for (let y = 1; y < ny - 1; y++)
    for (let x = 1; x < nx - 1; x++) {
      const i = y * nx + x;
      if (weight[i] !== 0 || soft[i] || !touches(weight, i, nx)) continue;
      soft[i] = 1;
      list[count++] = i;
    }
  const { layers } = drive;
  if (layers?.stands) tellStanding(film, drive, layers, layers.stands);
  if (layers) setExcess(film, layers, space);
  let from = 0;
  for (let ring = 1; ring < RINGS; ring++) {
    const to = count;
    for (; from < to; from++)
      for (let side = 0; side < 4; side++) {
        const j = list[from]! + (side === 0 ? -1 : side === 1 ? 1 : side === 2 ? -nx : nx);
        const x = j % nx;
        if (soft[j] || x === 0 || x === nx - 1 || j < nx || j >= n - nx) continue;
        soft[j] = 1;
        list[count++] = j;
      }
  }
  for (let pass = 0; pass < PASSES; pass++) smooth(space, count, nx);
  return packed(space, film.grid, into);
}

/**
 * A height that goes evenly from a to b is in the mean of 1/h not its mean but (b − a)/ln(b/a): so much more, at r = (b − a)/(b + a), is atanh(r)/r, here
 * its Padé approximant in r² (half a per cent short at r = 0.8, 3 % at 0.9; twofold at the most). A front brings a cell from a hair to millimetres in a frame.
 */
export const overLogMean = (r2: number): number => (105 - 55 * r2) / (105 - 90 * r2 + 9 * r2 * r2);

/** The excess of every wet cell, and beside them that of what they touch, so that it does not change at a front or an edge. */
function setExcess(film: Film, { lowerNu, stands }: Layers, { weight, excess }: MotionSpace): void {
  const { h, lnNu } = film;
  const { nx, ny } = film.grid;
  excess.fill(0);
  for (let i = 0; i < excess.length; i++)
    if (weight[i] !== 0 && h[i]! > 0)
      excess[i] = stands
        ? film.excess[i]!
        : excessOf(upperShare(film, i), lowerNu, Math.exp(lnNu[i]!));
  for (let y = 1; y < ny - 1; y++)
    for (let x = 1; x < nx - 1; x++) {
      const i = y * nx + x;
      if (weight[i] !== 0 || !touches(weight, i, nx)) continue;
      let wet = 0;
      let sum = 0;
      for (let row = i - nx; row <= i + nx; row += nx)
        for (let j = row - 1; j <= row + 1; j++)
          if (weight[j] !== 0) {
            wet++;
            sum += excess[j]!;
          }
      excess[i] = sum / wet;
    }
}

/** Each listed cell takes the mean of the nine around it, weighted by height; one that had nothing takes a little weight along. */
function smooth({ ux, uy, dv, weight, list, fresh }: MotionSpace, count: number, nx: number): void {
  for (let k = 0; k < count; k++) {
    const i = list[k]!;
    let sum = 0;
    let x = 0;
    let y = 0;
    let d = 0;
    for (let row = i - nx; row <= i + nx; row += nx)
      for (let j = row - 1; j <= row + 1; j++) {
        const w = weight[j]!;
        sum += w;
        x += w * ux[j]!;
        y += w * uy[j]!;
        d += w * dv[j]!;
      }
    const per = sum > 0 ? 1 / sum : 0;
    fresh[3 * k] = x * per;
    fresh[3 * k + 1] = y * per;
    fresh[3 * k + 2] = d * per;
  }
  for (let k = 0; k < count; k++) {
    const i = list[k]!;
    ux[i] = fresh[3 * k]!;
    uy[i] = fresh[3 * k + 1]!;
    dv[i] = fresh[3 * k + 2]!;
    // Told by what it now moves: nothing around it had weight where it stands still.
    if (weight[i] === 0 && (ux[i] !== 0 || uy[i] !== 0)) weight[i] = BORROWED_M;
  }
}

function packed({ ux, uy, dv, excess }: MotionSpace, grid: Grid, data: Int16Array): Motion {
  const n = ux.length;
  const most = [ux, uy, dv].map((plane, p) => {
    let top = LEAST;
    for (let i = 0; i < n; i++) top = Math.max(top, Math.abs(plane[i]!));
    for (let i = 0; i < n; i++) data[p * n + i] = Math.round((plane[i]! * WHOLE) / top);
    return top;
  });
  if (data.length === LAYERED_PLANES * n)
    for (let i = 0; i < n; i++)
      data[PLANES * n + i] = Math.round((excess[i]! * WHOLE) / MOST_EXCESS);
  return { data, most: most as [number, number, number], box: boxOf(data, grid) };
}

/** Whether a cell beside this one, across corners too, has any weight. */
const touches = (weight: Float32Array, i: number, nx: number): boolean =>
  weight[i - 1]! > 0 ||
  weight[i + 1]! > 0 ||
  weight[i - nx]! > 0 ||
  weight[i + nx]! > 0 ||
  weight[i - nx - 1]! > 0 ||
  weight[i - nx + 1]! > 0 ||
  weight[i + nx - 1]! > 0 ||
  weight[i + nx + 1]! > 0;

/** Unpacks a motion into the field `traceFrame` goes through; returns whether it has layers. */
export function unpack(motion: Motion, field: Floats): boolean {
  const { data, most } = motion;
  const n = field.length / 4;
  const layered = planesOf(motion, n) === LAYERED_PLANES;
  const [x, y, z] = [most[0] / WHOLE, most[1] / WHOLE, most[2] / WHOLE];
  for (let i = 0; i < n; i++) {
    field[4 * i] = data[i]! * x;
    field[4 * i + 1] = data[n + i]! * y;
    field[4 * i + 2] = data[2 * n + i]! * z;
    field[4 * i + 3] = layered ? (data[3 * n + i]! * MOST_EXCESS) / WHOLE : 0;
  }
  return layered;
}
