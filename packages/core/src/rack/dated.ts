import type { DryingAct } from '../journal/rack';
import type { Piece } from './piece';
import type { House } from './schema';
import { nextWork } from './work';

/** Something a piece may have done to it, minutes as in `minutes.ts`: when at the earliest, and when for sure. */
export interface Dated extends Omit<DryingAct, 'fromMin' | 'toMin'> {
  readonly from: number;
  readonly to: number;
}

/**
 * What a piece may have done to it, from the moment its pour or its last stage ended. What hands do waits until somebody is there, and what comes after
 * waits with it.
 */
export function datedFrom(end: number, acts: readonly DryingAct[], house: House): Dated[] {
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

/** The dates of a piece; none where it has no day. */
export const datesOf = (piece: Piece, house: House): readonly Dated[] =>
  piece.pour === undefined ? [] : datedFrom(endOf(piece, piece.pour), piece.acts, house);

/** When its pour ends, poured at this moment. */
export const endOf = ({ poured, runMin }: Piece, pour: number): number =>
  poured ? pour : pour + runMin;

/** When a piece poured at this moment is ready for sure: cured through. */
export const readyAt = (piece: Piece, pour: number, house: House, acts = piece.acts): number =>
  datedFrom(endOf(piece, pour), acts, house).at(-1)?.to ?? endOf(piece, pour);
