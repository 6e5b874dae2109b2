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
