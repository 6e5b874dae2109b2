import { actWords } from '../schedule';
import { datesOf } from './dated';
import { weekdayOf, type House } from '../schedule/house';
import type { Piece } from './piece';

/** Something that falls on a day, at the earliest. Minutes as in `minutes.ts`. */
export interface Entry {
  readonly piece: Piece;
  readonly says: string;
  readonly at: number;
  /** The day counts, not the hour. */
  readonly allDay?: true;
}

/** All that falls on any day, in order: pours to come, what pieces may have done to them, and what is promised. */
export const entriesOf = (pieces: readonly Piece[], house: House): Entry[] =>
  pieces
    .flatMap((piece): Entry[] => [
      ...(piece.poured || piece.pour === undefined
        ? []
        : [{ piece, says: 'Pour', at: piece.pour }]),
      ...datesOf(piece, house).map((dated) => ({ piece, says: actWords(dated), at: dated.from })),
      ...(piece.due === undefined
        ? []
        : [{ piece, says: 'Promised', at: piece.due, allDay: true as const }]),
    ])
    .sort((a, b) => a.at - b.at);

/** The Monday of the week a day is in. */
export const weekOf = (day: number): number => day - ((weekdayOf(day) + 6) % 7);
