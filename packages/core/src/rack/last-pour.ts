import { readyAt } from './dated';
import { dayOf, type House, hoursOf } from '../schedule/house';
import type { Piece } from './piece';

/** Nothing is poured more than so many days before its day. */
const MOST_DAYS = 3 * 365;

/**
 * The last working day on which a piece can be poured, first thing, to be ready for sure by its day; undefined where it would never be.
 * A piece poured later is never ready sooner, so the days are halved until one is left.
 */
export function lastPour(
  piece: Piece,
  due: number,
  house: House,
  acts = piece.acts,
): number | undefined {
  const inTime = (day: number): boolean => {
    // A day off is as good as the working day after it.
    for (let next = day; ; next++) {
      const hours = hoursOf(next, house);
      if (hours) return readyAt(piece, hours.from, house, acts) <= due;
    }
  };
  let [early, late] = [dayOf(due) - MOST_DAYS, dayOf(due) + 1];
  if (!inTime(early)) return undefined;
  while (late - early > 1) {
    const middle = Math.floor((early + late) / 2);
    if (inTime(middle)) early = middle;
    else late = middle;
  }
  // A day off at the end would be as good as the working day after it, which is too late already.
  return hoursOf(early, house)?.from;
}
