import type { PathWord } from '../path';
import type { House } from './schema';
import { nextWork } from './work';

/** Something that becomes possible, minutes after a pour or a stage ended. */
interface After {
  readonly act: PathWord;
  readonly fromMin: number;
  readonly toMin: number;
}

/** The same with its moments, minutes as in `minutes.ts`: when at the earliest, and when for sure. */
export type DatedAs<A extends After> = Omit<A, 'fromMin' | 'toMin'> & {
  readonly from: number;
  readonly to: number;
};

/**
 * What a piece may have done to it, from the moment its pour or its last stage ended. What hands do waits until somebody is there, and what comes after
 * waits with it.
 */
export function datedFrom<A extends After>(
  end: number,
  acts: readonly A[],
  house: House,
): DatedAs<A>[] {
  // By how much the days on which nobody was there have put it off, at the earliest and for sure.
  let offFrom = 0;
  let offTo = 0;
  return acts.map(({ fromMin, toMin, ...act }) => {
    const from = end + fromMin + offFrom;
    const to = end + toMin + offTo;
    if (act.act !== 'stage') return { ...act, from, to };
    const begins = { from: nextWork(from, house), to: nextWork(to, house) };
    offFrom += begins.from - from;
    offTo += begins.to - to;
    return { ...act, ...begins };
  });
}

/** When the last of it is done for sure: as `datedFrom` has it, for those who ask for many days. */
export function doneFrom(end: number, acts: readonly After[], house: House): number {
  let off = 0;
  let to = end;
  for (const { act, toMin } of acts) {
    to = end + toMin + off;
    if (act !== 'stage') continue;
    const begins = nextWork(to, house);
    off += begins - to;
    to = begins;
  }
  return to;
}
