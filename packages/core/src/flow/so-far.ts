import type { Pour } from './simulate';

/**
 * A pour as it stood after the first so many of its turns: what came later has not happened. It shares the whole pour's motions, so it costs no
 * more than the heights of its film.
 * @throws RangeError where it took fewer turns
 */
export function soFar(pour: Pour, turns: number): Pour {
  if (turns > pour.turns.length)
    throw new RangeError(`the pour took ${pour.turns.length} turns, not ${turns}`);
  const last = pour.turns[turns - 1];
  return {
    ...pour,
    turns: pour.turns.slice(0, turns),
    steps: pour.steps.slice(0, last?.upTo ?? 0),
    h: last ? Float32Array.from(last.um, (um) => um / 1e6) : new Float32Array(pour.h.length),
  };
}
