import type { Births, Places } from './births';

/** Somebody who traces places of a pour beside whoever traces it. */
export interface Beside {
  /** Takes places to trace; undefined where nobody can yet, or no longer. */
  trace(places: Places): Promised<Births> | undefined;
}

/** What is awaited, once it is known: births in the order of their places; `lost` where it never will be. */
export type Promised<T> = () => T | 'lost' | undefined;

/** Waits for what is promised. A generator: it yields as long as it is not known. */
export function* awaited<T>(promised: Promised<T>): Generator<number, T | 'lost'> {
  for (;;) {
    const found = promised();
    if (found !== undefined) return found;
    yield 1;
  }
}

/** Fewer places than this are traced sooner than they are handed over. */
const WORTH_IT = 2000;

/** Which places are traced here and which are handed over: every second one, for neighbours take equally long. */
export function shareOut(
  beside: Beside | undefined,
  places: Places,
):
  | { readonly own: Places; readonly theirs: Places; readonly promised: Promised<Births> }
  | undefined {
  if (!beside || places.count < WORTH_IT) return undefined;
  const theirs = everySecond(places, 1);
  const promised = beside.trace(theirs);
  return promised && { own: everySecond(places, 0), theirs, promised };
}

function everySecond(places: Places, from: 0 | 1): Places {
  const count = (places.count + 1 - from) >> 1;
  const pick = <T extends Int32Array | Float32Array>(all: T, of: T): T => {
    for (let n = 0; n < count; n++) of[n] = all[2 * n + from]!;
    return of;
  };
  return {
    index: pick(places.index, new Int32Array(count)),
    x: pick(places.x, new Float32Array(count)),
    y: pick(places.y, new Float32Array(count)),
    z: pick(places.z, new Float32Array(count)),
    count,
  };
}
