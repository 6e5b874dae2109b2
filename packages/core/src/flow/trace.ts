import { actOf } from './act';
import type { FilmKernel } from './kernel';
import type { Pour } from './simulate';
import type { Traced } from './step';

/** Never born: bare, or off the surface. The largest number of sixteen bits; acts and strata are numbered below it. */
export const NONE = 0xffff;

/**
 * Where paint came from, one entry a place. `source`: which of the scene's acts, at most `MOST_ACTS` of them, or `NONE`. `s`: share
 * of its paint that had left. `xi`, `eta`: where in the stream, −1..1 across its disc. `wave`: see `Strata`; not
 * written by the trace.
 */
export interface Births {
  readonly source: Uint16Array;
  readonly s: Float32Array;
  readonly xi: Float32Array;
  readonly eta: Float32Array;
  readonly wave: Float32Array;
}

export function emptyBirths(count: number): Births {
  return {
    source: new Uint16Array(count).fill(NONE),
    s: new Float32Array(count),
    xi: new Float32Array(count),
    eta: new Float32Array(count),
    wave: new Float32Array(count),
  };
}

/** Writes one birth over another. */
export function copyBirth(from: Births, i: number, to: Births, j: number): void {
  to.source[j] = from.source[i]!;
  to.s[j] = from.s[i]!;
  to.xi[j] = from.xi[i]!;
  to.eta[j] = from.eta[i]!;
  to.wave[j] = from.wave[i]!;
}

/** Places to trace: where in the births each goes, and where it is; x, y in cells, z = height ÷ wet height. */
export interface Places {
  readonly index: Int32Array;
  readonly x: Float32Array;
  readonly y: Float32Array;
  readonly z: Float32Array;
  readonly count: number;
  /** The last step that happened to each, the latest first; absent where they are as the whole pour left them. */
  readonly since?: Int32Array;
}

/** Of `Places.since`: all steps there are. */
export const ALWAYS = 0x7fffffff;

/** Hears where the first `count` places are, x, y in cells, when so many steps had been done; `own`: which entry of the births each is. */
export type Passing = (
  steps: number,
  own: Int32Array,
  count: number,
  x: ArrayLike<number>,
  y: ArrayLike<number>,
) => void;

/**
 * Takes places back through a pour, from its end to where their paint left a cup or was laid, and writes those births.
 * A generator: yields the share done after each step, and tells whoever asks where they are on the way. No colour is carried, so bands stay as sharp as the paths.
 */
export function* traceBirths(
  pour: Pour,
  kernel: FilmKernel,
  places: Places,
  births: Births,
  passing?: Passing,
): Generator<number, void> {
  const block = kernel.samples.x.length;
  const { x, y, z } = kernel.samples;
  const own = new Int32Array(block);
  const before = {
    x: new Float32Array(block),
    y: new Float32Array(block),
    z: new Float32Array(block),
  };
  for (let start = 0; start < places.count; start += block) {
    const upTo = Math.min(start + block, places.count);
    let count = 0;
    let next = start;
    /** Takes in the places that a step happened to and no later one. */
    const join = (step: number) => {
      for (; next < upTo && (places.since?.[next] ?? ALWAYS) >= step; next++) {
        own[count] = places.index[next]!;
        x[count] = places.x[next]!;
        y[count] = places.y[next]!;
        z[count] = places.z[next]!;
        count++;
      }
    };
    const traced: Traced = {
      kernel,
      site: pour.site,
      before,
      get count() {
        return count;
      },
      born: (k, source, s, xi, eta) => {
        write(births, own[k]!, source, s, xi, eta);
        count--;
        own[k] = own[count]!;
        x[k] = x[count]!;
        y[k] = y[count]!;
        z[k] = z[count]!;
        before.x[k] = before.x[count]!;
        before.y[k] = before.y[count]!;
        before.z[k] = before.z[count]!;
      },
    };
    for (let i = pour.steps.length - 1; i >= 0; i--) {
      join(i);
      passing?.(i + 1, own, count, x, y);
      if (count === 0 && next === upTo) break;
      if (count > 0) pour.steps[i]!.back(traced);
      yield (start + (count * (pour.steps.length - i)) / pour.steps.length) / places.count;
    }
    join(-1);
    settle(pour, births, own, count, x, y);
  }
}

function write(births: Births, at: number, source: number, s: number, xi: number, eta: number) {
  births.source[at] = source;
  births.s[at] = s;
  births.xi[at] = xi;
  births.eta[at] = eta;
}

/**
 * What came back to the beginning without meeting a stream was lost at a front on dry ground, under which it went as the front rolled
 * over it. It is paint of the nearest stream: where that stream was pouring as the front came by, what left then, else its first.
 */
function settle(
  { scene, site, steps, firstWet }: Pour,
  births: Births,
  own: Int32Array,
  count: number,
  x: ArrayLike<number>,
  y: ArrayLike<number>,
): void {
  const { nx, ny } = site.grid;
  const began = scene.acts.map((act) => actOf(act).began?.(act, { site, seed: scene.seed }));
  for (let k = 0; k < count; k++) {
    const cx = Math.min(nx - 1, Math.max(0, Math.floor(x[k]!)));
    const cy = Math.min(ny - 1, Math.max(0, Math.floor(y[k]!)));
    const cameBy = steps[firstWet[cy * nx + cx]!]?.left;
    let nearest = Infinity;
    for (const [source, at] of began.entries()) {
      if (!at) continue;
      const [dx, dy] = [x[k]! - at[0], y[k]! - at[1]];
      const distance = Math.hypot(dx, dy);
      if (distance >= nearest) continue;
      nearest = distance;
      const far = distance > 0 ? distance : 1;
      const s = Math.max(0, cameBy?.find((left) => left.source === source)?.s ?? 0);
      write(births, own[k]!, source, s, dx / far, dy / far);
    }
  }
}
