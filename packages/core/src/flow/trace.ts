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

/** Places to trace: where in the births each goes, and where it is; x, y in cells, z = height ÷ wet height. */
export interface Places {
  readonly index: Int32Array;
  readonly x: Float32Array;
  readonly y: Float32Array;
  readonly z: Float32Array;
  readonly count: number;
}

/**
 * Takes places back through a pour, from its end to where their paint left a cup or was laid, and writes those births.
 * A generator: yields the share done after each step. No colour is carried, so bands stay as sharp as the paths.
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
  const before = {
    x: new Float32Array(block),
    y: new Float32Array(block),
    z: new Float32Array(block),
  };
  for (let start = 0; start < places.count; start += block) {
    let count = Math.min(block, places.count - start);
    for (let k = 0; k < count; k++) {
      own[k] = places.index[start + k]!;
      x[k] = places.x[start + k]!;
      y[k] = places.y[start + k]!;
      z[k] = places.z[start + k]!;
    }
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
    for (let i = pour.steps.length - 1; i >= 0 && count > 0; i--) {
      pour.steps[i]!.back(traced);
      yield (start + (count * (pour.steps.length - i)) / pour.steps.length) / places.count;
    }
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
 * What came back to the beginning without meeting a stream started at the very edge of one: it gets the first paint
 * of the nearest. On a pour without streams it stays unborn.
 */
function settle(
  { scene, site }: Pour,
  births: Births,
  own: Int32Array,
  count: number,
  x: ArrayLike<number>,
  y: ArrayLike<number>,
): void {
  const began = scene.acts.map((act) => actOf(act).began?.(act, { site, seed: scene.seed }));
  for (let k = 0; k < count; k++) {
    let nearest = Infinity;
    for (const [source, at] of began.entries()) {
      if (!at) continue;
      const [dx, dy] = [x[k]! - at[0], y[k]! - at[1]];
      const distance = Math.hypot(dx, dy);
      if (distance >= nearest) continue;
      nearest = distance;
      const far = distance > 0 ? distance : 1;
      write(births, own[k]!, source, 0, dx / far, dy / far);
    }
  }
}
