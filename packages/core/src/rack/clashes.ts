import { datesOf, readyAt } from './dated';
import { BETWEEN_MIN, firstPour, tableTaken } from './find-days';
import { lastPour } from './last-pour';
import { allLying, boardsAt } from './lying';
import { dayOf, type House, hoursOf } from '../schedule/house';
import type { Piece } from './piece';

/** What cannot be as it is planned, and what would mend it. Moments are minutes as in `minutes.ts`. */
export interface Clash {
  readonly kind: 'late' | 'day-off' | 'table' | 'room' | 'too-large';
  readonly piece: Piece;
  /** The other one it clashes with. */
  readonly with?: Piece;
  /** When it is ready at the earliest, and when for sure, as it is; late ones. */
  readonly soonest?: number;
  readonly readyAt?: number;
  /** How many boards it would take; room. */
  readonly boards?: number;
  /** By the quick school of waiting it would do. */
  readonly quick?: boolean;
}

/** All that clashes, the soonest first. */
export function clashesOf(pieces: readonly Piece[], house: House, now: number): Clash[] {
  const lies = allLying(pieces, house);
  const found: (Clash & { readonly at: number })[] = [];
  const dated = pieces.filter((p) => p.pour !== undefined);
  for (const piece of dated) {
    const pour = piece.pour!;
    if (piece.due !== undefined) {
      const ready = readyAt(piece, pour, house);
      if (ready > piece.due) {
        const { quick } = piece;
        const quickly = quick !== undefined && readyAt(piece, pour, house, quick) <= piece.due;
        found.push({
          kind: 'late',
          piece,
          at: pour,
          soonest: datesOf(piece, house).at(-1)?.from ?? ready,
          readyAt: ready,
          ...(quickly ? { quick: true } : {}),
        });
      }
    }
    if (piece.poured || pour < now) continue;
    if (!hoursOf(dayOf(pour), house)) found.push({ kind: 'day-off', piece, at: pour });
    const first = dated.find(
      (other) =>
        other !== piece &&
        !other.poured &&
        (other.pour! < pour || (other.pour === pour && other.id < piece.id)) &&
        other.pour! + other.runMin + BETWEEN_MIN > pour,
    );
    if (first) found.push({ kind: 'table', piece, with: first, at: pour });
  }
  const { boards } = house;
  if (boards)
    for (const { piece, from } of lies) {
      if (from < now || found.some((f) => f.piece === piece && f.kind === 'room')) continue;
      const taken = boardsAt(lies, from, house);
      if (taken <= boards.count) continue;
      const alone = boardsAt([{ piece, from, to: from + 1 }], from, house);
      // Who lies there already was there first.
      found.push(
        alone > boards.count
          ? { kind: 'too-large', piece, at: from }
          : {
              kind: 'room',
              piece,
              at: from,
              boards: taken,
            },
      );
    }
  return found.sort((a, b) => a.at - b.at).map(({ at: _, ...clash }) => clash);
}

/**
 * The first pour that would mend a clash: in time for its day, on a free table, with room for it; what is not late is put off rather than brought
 * forward. Undefined where there is none, and where it is poured already.
 */
export function mendOf(
  { kind, piece }: Clash,
  pieces: readonly Piece[],
  house: House,
  now: number,
): number | undefined {
  if (piece.poured || kind === 'too-large') return undefined;
  const until = piece.due === undefined ? undefined : lastPour(piece, piece.due, house);
  if (piece.due !== undefined && until === undefined) return undefined;
  const others = allLying(
    pieces.filter((p) => p !== piece),
    house,
  );
  const taken = tableTaken(pieces, piece);
  const look = (from: number) =>
    firstPour(piece, { from, ...(until === undefined ? {} : { until }) }, taken, others, house);
  const after = kind === 'late' ? now : Math.max(now, piece.pour ?? now);
  return look(after) ?? (after > now ? look(now) : undefined);
}
