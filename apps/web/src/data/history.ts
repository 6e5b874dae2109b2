/** States one can go back and forth between. `tag` names a run of edits that undo as one, such as typing in a field. */
export interface History<T> {
  readonly past: readonly T[];
  readonly now: T;
  readonly future: readonly T[];
  readonly tag?: string;
  readonly at: number;
}

const MOST_STEPS = 200;
/** Keystrokes closer together than this belong to one step, ms. */
const ONE_STEP_MS = 1200;

export const beginHistory = <T>(now: T): History<T> => ({ past: [], now, future: [], at: 0 });

/** Goes on to `next`. An edit of the same tag soon after the last replaces it instead of adding a step. */
export function advance<T>(history: History<T>, next: T, at: number, tag?: string): History<T> {
  if (next === history.now) return history;
  const same = tag !== undefined && tag === history.tag && at - history.at < ONE_STEP_MS;
  const past = same ? history.past : [...history.past, history.now].slice(-MOST_STEPS);
  return { past, now: next, future: [], at, ...(tag === undefined ? {} : { tag }) };
}

/**
 * The same steps on ground that has changed: what another has done holds in each of them, so that undoing a step of one's own undoes nothing
 * of the other's. Steps on which it cannot hold, and those behind them, are let go; where it cannot hold now, there is no such history.
 * @param onto a step as it is with what the other has done, or undefined where both touch the same part
 */
export function regrounded<T>(
  history: History<T>,
  onto: (step: T) => T | undefined,
): History<T> | undefined {
  const now = onto(history.now);
  if (now === undefined) return undefined;
  const asFar = (steps: readonly T[]): T[] => {
    const done: T[] = [];
    for (const step of steps) {
      const next = onto(step);
      if (next === undefined) break;
      done.push(next);
    }
    return done;
  };
  return {
    ...history,
    past: asFar([...history.past].reverse()).reverse(),
    now,
    future: asFar(history.future),
  };
}

export function undo<T>(history: History<T>): History<T> {
  const now = history.past.at(-1);
  if (now === undefined) return history;
  return { past: history.past.slice(0, -1), now, future: [history.now, ...history.future], at: 0 };
}

export function redo<T>(history: History<T>): History<T> {
  const [now, ...future] = history.future;
  if (now === undefined) return history;
  return { past: [...history.past, history.now], now, future, at: 0 };
}
