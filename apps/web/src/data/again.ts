import { Away, Refused } from './api';

/** Answers of a server in trouble, one that asks for patience, or one that has put this device out: the same request may go well later. */
const PASSING: readonly number[] = [401, 408, 425, 429];

/** Whether asking again may come right, as it does when the studio is away, in trouble or busy. */
export const mayPass = (error: unknown): boolean =>
  error instanceof Away ||
  (error instanceof Refused && (error.status >= 500 || PASSING.includes(error.status)));

const FIRST_MS = 3000;
/** The studio stands in the same room: asking it this often costs nothing. */
const LONGEST_MS = 20_000;

/** How long to wait before asking again after so many times in vain, ms: twice as long each time, up to `LONGEST_MS`. */
export const waitMs = (tries: number): number =>
  Math.min(LONGEST_MS, FIRST_MS * 2 ** Math.max(0, tries - 1));

/** Calls when the network is back, or the artist is, so that nobody waits out a long pause for nothing. */
export function whenBack(back: () => void): () => void {
  if (typeof addEventListener !== 'function') return () => undefined;
  const looked = () => {
    if (document.visibilityState === 'visible') back();
  };
  addEventListener('online', back);
  addEventListener('visibilitychange', looked);
  return () => {
    removeEventListener('online', back);
    removeEventListener('visibilitychange', looked);
  };
}
