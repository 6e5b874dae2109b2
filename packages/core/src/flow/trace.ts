import { actOf } from './act';
import { ALWAYS, type Births, copyBirth, type Places } from './births';
import type { FilmKernel } from './kernel';
import { awaited, shareOut } from './share-out';
import type { Pour } from './simulate';
import type { Traced } from './traced';
import { wayBack } from './way-back';

/** Hears where the first `count` places are, x, y in cells, when so many steps had been done; `own`: which entry of the births each is. */
export type Passing = (
  steps: number,
  own: Int32Array,
  count: number,
  x: ArrayLike<number>,
  y: ArrayLike<number>,
) => void;

/**
 * Takes places back through a pour, from its end to where their paint left a cup or was laid, and writes those births; half of them where
 * somebody helps. A generator: yields the share done after each step. No colour is carried, so bands stay as sharp as the paths.
 */
export function* traceBirths(
  pour: Pour,
  kernel: FilmKernel,
  places: Places,
  births: Births,
): Generator<number, void> {
  // Those that join on the way come one after the other.
  const shared = places.since ? undefined : shareOut(pour.beside, places);
  if (!shared) return yield* traceAlone(pour, kernel, places, births);
  const { own, theirs, promised } = shared;
  yield* traceAlone(pour, kernel, own, births);
  const found = yield* awaited(promised);
  if (found === 'lost') yield* traceAlone(pour, kernel, theirs, births);
  else for (let n = 0; n < theirs.count; n++) copyBirth(found, n, births, theirs.index[n]!);
}

/** The same without help; tells whoever asks where the places are on the way. */
export function* traceAlone(
  pour: Pour,
  kernel: FilmKernel,
  places: Places,
  births: Births,
  passing?: Passing,
): Generator<number, void> {
  const block = kernel.samples.x.length;
  const { samples, before } = kernel;
  const { x, y, z } = samples;
  const own = new Int32Array(block);
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
      if (count > 0) wayBack(pour.steps[i]!, pour)(traced);
      yield (start + ((upTo - start) * (pour.steps.length - i)) / pour.steps.length) / places.count;
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
