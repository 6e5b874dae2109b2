import type { Move } from '../verb/move';
import type { PatchOp } from './evidence';

/** Directions further apart than this are not the same way, degrees. */
const SAME_WAY_DEG = 30;

/**
 * Makes tilts half as long again: those toward the given directions, or all. They become the artist's own, so that the
 * technique does not write them anew.
 */
export function longerTilts(moves: readonly Move[], towardDeg?: readonly number[]): PatchOp[] {
  const apart = (a: number, b: number) => Math.abs(((a - b + 540) % 360) - 180);
  return moves.flatMap((move, i): PatchOp[] =>
    move.verb === 'tilt' &&
    (towardDeg === undefined || towardDeg.some((deg) => apart(deg, move.towardDeg) <= SAME_WAY_DEG))
      ? [
          { op: 'add', path: `/moves/${i}/s`, value: Math.round(1.5 * (move.s ?? 14)) },
          { op: 'add', path: `/moves/${i}/own`, value: true },
        ]
      : [],
  );
}
