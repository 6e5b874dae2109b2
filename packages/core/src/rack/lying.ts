import { datedFrom, type House } from '../schedule/house';
import { boardsFor } from './boards';
import { type Dated, datesOf, endOf } from './dated';
import type { Piece } from './piece';

/** A time a piece lies flat: from its pour, or a later stage, until that is dry to the touch for sure. Then it can stand. */
export interface Lies {
  readonly piece: Piece;
  readonly from: number;
  readonly to: number;
}

/** When a piece poured at this moment lies flat. */
export const liesFrom = (piece: Piece, pour: number, house: House): Lies[] =>
  spells(piece, pour, datedFrom(endOf(piece, pour), piece.acts, house));

const liesOf = (piece: Piece, house: House): Lies[] =>
  piece.pour === undefined ? [] : spells(piece, piece.pour, datesOf(piece, house));

function spells(piece: Piece, pour: number, dates: readonly Dated[]): Lies[] {
  const touch = dates.filter(({ act }) => act === 'touch');
  return touch.flatMap(({ stage = 0, to }, i) => {
    const begins = i === 0 ? pour : dates.find((d) => d.act === 'stage' && d.stage === stage)?.to;
    return begins === undefined ? [] : [{ piece, from: begins, to }];
  });
}

/** All that lies flat, when. */
export const allLying = (pieces: readonly Piece[], house: House): Lies[] =>
  pieces.flatMap((piece) => liesOf(piece, house));

/** What lies flat at a moment. */
export const lyingAt = (lies: readonly Lies[], at: number): readonly Lies[] =>
  lies.filter(({ from, to }) => from <= at && at < to);

/** How many boards are taken at a moment; 0 where space is no matter. */
export const boardsAt = (lies: readonly Lies[], at: number, { boards }: House): number =>
  boards
    ? boardsFor(
        lyingAt(lies, at).map(({ piece }) => piece),
        boards,
      )
    : 0;

/** Whether there is room for these beside the others, all the while they lie. More are only ever lying as one begins. */
export function hasRoom(mine: readonly Lies[], others: readonly Lies[], house: House): boolean {
  const { boards } = house;
  if (!boards) return true;
  const all = [...others, ...mine];
  return mine.every(({ from, to }) =>
    [from, ...others.flatMap((o) => (o.from > from && o.from < to ? [o.from] : []))].every(
      (at) => boardsAt(all, at, house) <= boards.count,
    ),
  );
}
