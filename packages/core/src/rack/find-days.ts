import { lastPour } from './last-pour';
import { allLying, hasRoom, liesFrom, type Lies } from './lying';
import { dayOf, type House, hoursOf } from '../schedule/house';
import type { Piece } from './piece';

/** To clean up between two pours, min (estimate). */
export const BETWEEN_MIN = 30;
/** Nothing is looked for further ahead, days. */
const AHEAD_DAYS = 400;

/** When the table is taken. */
interface Taken {
  readonly from: number;
  readonly to: number;
}

/** When the table is taken by pours that have a day, one left out. */
export const tableTaken = (pieces: readonly Piece[], but?: Piece): Taken[] =>
  pieces.flatMap((p) =>
    p === but || p.poured || p.pour === undefined
      ? []
      : [{ from: p.pour, to: p.pour + p.runMin + BETWEEN_MIN }],
  );

/**
 * The first moment from `from` on at which a piece can be poured: on a working day, the table free, and room for it as long as it lies.
 * @param until not after this; undefined where there is none
 */
export function firstPour(
  piece: Piece,
  { from, until }: { readonly from: number; readonly until?: number },
  taken: readonly Taken[],
  lies: readonly Lies[],
  house: House,
): number | undefined {
  const lasts = piece.runMin + BETWEEN_MIN;
  const inTurn = [...taken].sort((a, b) => a.from - b.from);
  for (let day = dayOf(from); day <= dayOf(from) + AHEAD_DAYS; day++) {
    const hours = hoursOf(day, house);
    if (!hours || taken.filter((t) => dayOf(t.from) === day).length >= house.perDay) continue;
    let at = Math.max(hours.from, from);
    // Past each pour that is in the way, in their order.
    for (const other of inTurn) if (at < other.to && at + lasts > other.from) at = other.to;
    if (until !== undefined && at > until) return undefined;
    // What lasts longer than a day's work begins with the day.
    if (at + piece.runMin > hours.to && at > hours.from) continue;
    if (hasRoom(liesFrom(piece, at, house), lies, house)) return at;
  }
  return undefined;
}

/** Days found for pieces that have none, and those there are none for. */
export interface Found {
  readonly pours: readonly { readonly piece: Piece; readonly pour: number }[];
  readonly without: readonly Piece[];
}

/**
 * Days for all pieces that have none: those that are wanted first before the others, each as soon as there are hands and room for it. What has a day
 * keeps it.
 * @param now not before this
 */
export function findDays(pieces: readonly Piece[], house: House, now: number): Found {
  const open = pieces.filter((p) => !p.poured && p.pour === undefined);
  const latest = new Map(
    open.map((p) => [p, p.due === undefined ? undefined : lastPour(p, p.due, house)]),
  );
  const inTurn = [...open].sort(
    (a, b) => (latest.get(a) ?? Infinity) - (latest.get(b) ?? Infinity),
  );
  const placed = pieces.filter((p) => p.pour !== undefined);
  const pours: { piece: Piece; pour: number }[] = [];
  const without: Piece[] = [];
  for (const piece of inTurn) {
    const until = latest.get(piece);
    const hopeless = piece.due !== undefined && until === undefined;
    const pour = hopeless
      ? undefined
      : firstPour(
          piece,
          { from: now, ...(until === undefined ? {} : { until }) },
          tableTaken(placed),
          allLying(placed, house),
          house,
        );
    if (pour === undefined) without.push(piece);
    else {
      pours.push({ piece, pour });
      placed.push({ ...piece, pour });
    }
  }
  return { pours, without };
}
