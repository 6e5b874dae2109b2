import type { DryingAct } from '../journal/rack';
import { datedFrom, doneFrom, type House } from '../schedule/house';
import type { Piece } from './piece';

/** Something a piece may have done to it, minutes as the house counts them: when at the earliest, and when for sure. */
export interface Dated extends Omit<DryingAct, 'fromMin' | 'toMin'> {
  readonly from: number;
  readonly to: number;
}

/** The dates of a piece; none where it has no day. */
export const datesOf = (piece: Piece, house: House): readonly Dated[] =>
  piece.pour === undefined ? [] : datedFrom(endOf(piece, piece.pour), piece.acts, house);

/** When its pour ends, poured at this moment. */
export const endOf = ({ poured, runMin }: Piece, pour: number): number =>
  poured ? pour : pour + runMin;

/** When a piece poured at this moment is ready for sure: cured through. */
export const readyAt = (piece: Piece, pour: number, house: House, acts = piece.acts): number =>
  doneFrom(endOf(piece, pour), acts, house);
