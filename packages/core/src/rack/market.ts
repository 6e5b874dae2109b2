import { type House, minutesOf } from '../schedule/house';
import { readyAt } from './dated';
import { lastPour } from './last-pour';
import type { Market } from './market-schema';
import type { Piece } from './piece';

/** One price of a market: what is wanted of it, what will be there for sure, and what may be. */
export interface PricePoint {
  readonly price: number;
  readonly wanted: number;
  /** Pieces that are cured for sure by that day, as they are planned. */
  readonly sure: number;
  /** Pieces of that price that are on their way and may be late, or have no day yet. */
  readonly unsure: number;
  /** What has to be planned besides. */
  readonly missing: number;
  /** By when those and the ones without a day have to be poured, minutes as the house counts them; undefined where nothing is wanted any more. */
  readonly pourBy?: number;
}

/** A market's morning: what is not there when it opens is not sold. */
const OPENS = 'T09:00';

/**
 * A market worked back to its prices: each with the pieces of that price that will be there. What is missing is given the time the slowest piece of that
 * price takes, of any where there is none of it yet.
 */
export function marketOf(
  { day, wants }: Market,
  pieces: readonly Piece[],
  house: House,
): readonly PricePoint[] {
  const at = minutesOf(`${day}${OPENS}`);
  // What is promised to somebody is not for sale.
  const forSale = pieces.filter((p) => p.for === undefined && p.price !== undefined);
  return wants.map(({ price, pieces: wanted }) => {
    const of = forSale.filter((p) => p.price === price);
    const isSure = (p: Piece) => p.pour !== undefined && readyAt(p, p.pour, house) <= at;
    const count = (all: readonly Piece[]) => all.reduce((sum, p) => sum + p.pieces, 0);
    const sure = count(of.filter(isSure));
    const unsure = count(of.filter((p) => !isSure(p)));
    const alike = of.length > 0 ? of : pieces;
    const days = alike.flatMap((p) => (p.poured ? [] : (lastPour(p, at, house) ?? [])));
    return {
      price,
      wanted,
      sure,
      unsure,
      missing: Math.max(0, wanted - sure - unsure),
      ...(sure >= wanted || days.length === 0 ? {} : { pourBy: Math.min(...days) }),
    };
  });
}
