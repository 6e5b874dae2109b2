import type { Point } from '../surface/path';
import { type Move, verbOf } from './move';

/** A move that pours cups, or some of each, in one place. */
export type Puddle = Move & {
  readonly atMm: Point;
  readonly cups: readonly string[];
  readonly ml?: number;
};

/** Whether a move is a puddle, by its fields. */
export function isPuddle(move: Move): move is Puddle {
  const { atMm, cups, ml } = verbOf(move).fields as Readonly<
    Record<string, { readonly kind: string } | undefined>
  >;
  return atMm?.kind === 'point' && cups?.kind === 'cups' && ml?.kind === 'number';
}
