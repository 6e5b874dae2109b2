import { type Move, secondsOf, verbOf } from '../verb';
import { apartDeg } from './apart-deg';
import type { PatchOp } from './evidence';

/** Directions further apart than this are not the same way, degrees. */
const SAME_WAY_DEG = 30;

/**
 * Makes moves that let paint run off half as long again: those toward the given directions, or all. They become the artist's own, so
 * that the technique does not write them anew.
 */
export function longerTilts(moves: readonly Move[], towardDeg?: readonly number[]): PatchOp[] {
  return moves.flatMap((move, i): PatchOp[] => {
    const toward = verbOf(move).sheds?.(move);
    if (toward === undefined) return [];
    if (towardDeg && !towardDeg.some((deg) => apartDeg(deg, toward) <= SAME_WAY_DEG)) return [];
    return [
      { op: 'add', path: `/moves/${i}/s`, value: Math.round(1.5 * secondsOf(move)) },
      { op: 'add', path: `/moves/${i}/own`, value: true },
    ];
  });
}
