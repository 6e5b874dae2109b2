import { type Lost, rolledUnder, toNearestStream } from './dry-front';
import { ALWAYS, type Births, copyBirth, type Places, writeBirth } from './births';
import type { FilmKernel } from './kernel';
import { at } from './progress';
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
  const lost = yield* traceOnce(pour, kernel, places, births, passing);
  if (lost.count === 0) return;
  const under = rolledUnder(pour, lost);
  toNearestStream(pour, yield* at(1, traceOnce(pour, kernel, under, births)), births);
}

/** Goes back through the pour once; returns the places that no stream met, where they were in the beginning. */
function* traceOnce(
  pour: Pour,
  kernel: FilmKernel,
  places: Places,
  births: Births,
  passing?: Passing,
): Generator<number, Lost> {
  const block = kernel.samples.x.length;
  const { samples, before } = kernel;
  const { x, y, z } = samples;
  const own = new Int32Array(block);
  const since = new Int32Array(block);
  const until = places.until && new Float32Array(block).fill(1);
  const lost = {
    index: [] as number[],
    x: [] as number[],
    y: [] as number[],
    since: [] as number[],
  };
  for (let start = 0; start < places.count; start += block) {
    const upTo = Math.min(start + block, places.count);
    let count = 0;
    let next = start;
    /** Places before this one came through the whole of the step under way. */
    let from = 0;
    /** Takes in the places that a step happened to and no later one. */
    const join = (step: number) => {
      until?.fill(1, 0, count);
      from = count;
      for (; next < upTo && (places.since?.[next] ?? ALWAYS) >= step; next++) {
        own[count] = places.index[next]!;
        since[count] = places.since?.[next] ?? ALWAYS;
        x[count] = places.x[next]!;
        y[count] = places.y[next]!;
        z[count] = places.z[next]!;
        if (until) until[count] = places.until![next]!;
        count++;
      }
    };
    const traced: Traced = {
      kernel,
      site: pour.site,
      get count() {
        return count;
      },
      get amid() {
        return until && { from, until };
      },
      born: (k, source, s, xi, eta) => {
        writeBirth(births, own[k]!, source, s, xi, eta);
        count--;
        own[k] = own[count]!;
        since[k] = since[count]!;
        x[k] = x[count]!;
        y[k] = y[count]!;
        z[k] = z[count]!;
        if (until) until[k] = until[count]!;
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
    for (let k = 0; k < count; k++) {
      lost.index.push(own[k]!);
      lost.x.push(x[k]!);
      lost.y.push(y[k]!);
      lost.since.push(since[k]!);
    }
  }
  return { ...lost, count: lost.index.length };
}
