import { type Move, verbOf } from '../verb';

/** A move with a flame. */
export const heats = (move: Move): boolean =>
  verbOf(move).care?.(move).includes('open-flame') === true;
