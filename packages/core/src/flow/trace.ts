import type { FilmKernel } from './kernel';
import { type Motion, WHOLE } from './motion';
import { type Frame, FRAME_CELLS, type Pour } from './simulate';
import { type Disc, entry } from './stream';

/** What a birth's `source` says where paint was laid as a film: this plus the number of the primitive. */
export const LAID = 128;
/** Never born: bare, or off the surface. */
export const NONE = 255;

/**
 * Where paint came from, one entry a place. `source`: number of the stream, or `LAID` + number of the primitive. `s`: share
 * of the stream's paint that had left. `xi`, `eta`: where in the stream, −1..1 across its disc. `wave`: see `Strata`; not
 * written by the trace.
 */
export interface Births {
  readonly source: Uint8Array;
  readonly s: Float32Array;
  readonly xi: Float32Array;
  readonly eta: Float32Array;
  readonly wave: Float32Array;
}

export function emptyBirths(count: number): Births {
  return {
    source: new Uint8Array(count).fill(NONE),
    s: new Float32Array(count),
    xi: new Float32Array(count),
    eta: new Float32Array(count),
    wave: new Float32Array(count),
  };
}

/** Places to trace: where in the births each goes, and where it is; x, y in cells, z = height ÷ wet height. */
export interface Places {
  readonly index: Int32Array;
  readonly x: Float32Array;
  readonly y: Float32Array;
  readonly z: Float32Array;
  readonly count: number;
}

/** Under a stream lying on what is there, a film thinner than this is taken as poured through, m. */
const THROUGH_M = 0.3e-3;
/** Steps in which a level rises under a stream within a frame. */
const RISE_STEPS = 4;

/**
 * Takes places back through a pour, from its end to where their paint left a cup or was laid, and writes those births.
 * A generator: yields the share done after each frame. No colour is carried, so bands stay as sharp as the paths.
 */
export function* traceBirths(
  pour: Pour,
  kernel: FilmKernel,
  places: Places,
  births: Births,
): Generator<number, void> {
  const block = kernel.samples.x.length;
  const { x, y, z } = kernel.samples;
  const own = new Int32Array(block);
  const oldX = new Float32Array(block);
  const oldY = new Float32Array(block);
  const oldZ = new Float32Array(block);
  for (let start = 0; start < places.count; start += block) {
    let count = Math.min(block, places.count - start);
    for (let k = 0; k < count; k++) {
      own[k] = places.index[start + k]!;
      x[k] = places.x[start + k]!;
      y[k] = places.y[start + k]!;
      z[k] = places.z[start + k]!;
    }
    /** Notes a birth and closes the gap with the last place. Go through places from the last to the first. */
    const born = (k: number, source: number, s: number, xi: number, eta: number) => {
      const at = own[k]!;
      births.source[at] = source;
      births.s[at] = s;
      births.xi[at] = xi;
      births.eta[at] = eta;
      count--;
      own[k] = own[count]!;
      x[k] = x[count]!;
      y[k] = y[count]!;
      z[k] = z[count]!;
      oldX[k] = oldX[count]!;
      oldY[k] = oldY[count]!;
      oldZ[k] = oldZ[count]!;
    };
    for (let i = pour.steps.length - 1; i >= 0 && count > 0; i--) {
      const step = pour.steps[i]!;
      if (step.kind === 'laid') {
        for (let k = count - 1; k >= 0; k--) {
          const added = valueAt(step.added, pour, x[k]!, y[k]!);
          if (added <= 0) continue;
          const below = valueAt(step.h, pour, x[k]!, y[k]!);
          const level = below / (below + added);
          if (z[k]! >= level) born(k, LAID + step.primitive, 0, 0, 0);
          else z[k] = z[k]! / level;
        }
        continue;
      }
      if (step.discs.length > 0) {
        for (let k = 0; k < count; k++) {
          oldX[k] = x[k]!;
          oldY[k] = y[k]!;
          oldZ[k] = z[k]!;
        }
      }
      kernel.load(step.motion);
      kernel.trace(count);
      for (const disc of step.discs) {
        const [near, cx, cy] = [reachOf(disc), disc.from.x, disc.from.y];
        for (let k = count - 1; k >= 0; k--) {
          if (Math.abs(x[k]! - cx) > near || Math.abs(y[k]! - cy) > near) continue;
          const tau = entry(disc, x[k]!, y[k]!, oldX[k]!, oldY[k]!);
          if (tau < 0) continue;
          const at = disc.core ? tau : risen(k, disc, tau, step);
          if (at < 0) continue;
          const px = x[k]! + (oldX[k]! - x[k]!) * at - mid(disc.from.x, disc.to.x, at);
          const py = y[k]! + (oldY[k]! - y[k]!) * at - mid(disc.from.y, disc.to.y, at);
          const r = mid(disc.from.r, disc.to.r, at);
          born(k, disc.stream, mid(disc.from.s, disc.to.s, at), px / r, py / r);
        }
      }
      yield (start + (count * (pour.steps.length - i)) / pour.steps.length) / places.count;
    }
    settle(pour, births, own, count, x, y);

    /**
     * A place under a stream that lies on what is there: going back, new paint above it goes and it rises; when it
     * reaches the surface it was born. Returns when, or −1 with its new level noted. Rising and flowing apart nearly
     * cancel under a steady stream, so they are taken together: Dz/Dt = [(z − F)·div Q − z·S]/h.
     */
    function risen(k: number, disc: Disc, tau: number, step: Frame): number {
      const midX = x[k]! + ((oldX[k]! - x[k]!) * tau) / 2;
      const midY = y[k]! + ((oldY[k]! - y[k]!) * tau) / 2;
      const here = step.h ? valueAt(step.h, pour, midX, midY) : 0;
      if (here < THROUGH_M) return tau;
      const [px, py] = [midX - disc.from.x, midY - disc.from.y];
      const fresh = (Math.max(0, 1 - (px * px + py * py) / disc.from.r ** 2) * disc.peakM) / here;
      const apart = stretchAt(step.motion, pour, midX, midY);
      // Outside the disc the frame moved it as any other place.
      let level = oldZ[k]! + (z[k]! - oldZ[k]!) * (1 - tau);
      const part = tau / RISE_STEPS;
      for (let n = 0; n < RISE_STEPS; n++) {
        const before = level;
        const below = level * level * (1.5 - 0.5 * level);
        level += part * (level * fresh - (level - below) * apart);
        if (level >= 1) {
          const within = level > before ? (1 - before) / (level - before) : 0;
          return tau - part * (n + Math.min(1, Math.max(0, within)));
        }
      }
      z[k] = Math.max(0, level);
      return -1;
    }
  }
}

/** How far the film flows apart in a frame at a place, as a share of its height. */
function stretchAt({ data, most }: Motion, pour: Pour, x: number, y: number): number {
  const plane = data.subarray((2 * data.length) / 3);
  return (valueAt(plane, pour, x, y) * most[2]) / WHOLE;
}

/** Farther than this from a disc's start no place can meet it within a frame, cells. */
const reachOf = ({ from, to }: Disc): number =>
  Math.max(from.r, to.r) + Math.hypot(to.x - from.x, to.y - from.y) + 4 * FRAME_CELLS;

const mid = (from: number, to: number, share: number): number => from + (to - from) * share;

/** A field's value at a place in cells, bilinear. */
function valueAt(h: Float32Array | Int16Array, pour: Pour, x: number, y: number): number {
  const { nx, ny } = pour.site.grid;
  const px = Math.min(Math.max(x - 0.5, 0), nx - 1.001);
  const py = Math.min(Math.max(y - 0.5, 0), ny - 1.001);
  const ix = Math.floor(px);
  const iy = Math.floor(py);
  const at = iy * nx + ix;
  const top = mid(h[at]!, h[at + 1]!, px - ix);
  return mid(top, mid(h[at + nx]!, h[at + nx + 1]!, px - ix), py - iy);
}

/**
 * What came back to the beginning without meeting a stream started at the very edge of one: it gets the first paint
 * of the nearest. On a pour without streams it stays unborn.
 */
function settle(
  pour: Pour,
  births: Births,
  own: Int32Array,
  count: number,
  x: ArrayLike<number>,
  y: ArrayLike<number>,
): void {
  const first = firstSpots(pour);
  for (let k = 0; k < count; k++) {
    let nearest = Infinity;
    for (const { stream, from } of first) {
      const [dx, dy] = [x[k]! - from.x, y[k]! - from.y];
      const distance = Math.hypot(dx, dy);
      if (distance >= nearest) continue;
      nearest = distance;
      const at = own[k]!;
      births.source[at] = stream;
      births.s[at] = 0;
      births.xi[at] = distance > 0 ? dx / distance : 0;
      births.eta[at] = distance > 0 ? dy / distance : 0;
    }
  }
}

function firstSpots({ steps }: Pour): Disc[] {
  const seen = new Map<number, Disc>();
  for (const step of steps)
    if (step.kind !== 'laid')
      for (const disc of step.discs) if (!seen.has(disc.stream)) seen.set(disc.stream, disc);
  return [...seen.values()];
}
