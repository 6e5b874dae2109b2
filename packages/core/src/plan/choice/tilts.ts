import { trim } from '../../quantity/show';
import { type Move, secondsOf } from '../../verb';
import type { Plan } from '../document/schema';
import type { Decision, Variant } from './define';

/** Steeper than this nobody holds a wet piece, degrees. */
const STEEPEST = 30;

const tilted = (move: Move): move is Move & { readonly angleDeg: number } =>
  'angleDeg' in move && typeof move.angleDeg === 'number';

/** Changes every tilt alike. */
const all = (change: (move: Move & { readonly angleDeg: number }) => Move) => (plan: Plan) => ({
  ...plan,
  moves: plan.moves.map((move) => (tilted(move) ? change(move) : move)),
});

/** How steep a piece is tilted, and for how long. */
export const tilts = {
  id: 'tilts',
  name: 'The tilts',
  variants: ({ moves }) =>
    moves.some(tilted)
      ? [
          ...[0.6, 0.8, 1.25, 1.6].map((times): Variant => ({
            key: `steep ${times}`,
            says: `${trim(times, 2)} times as steep`,
            make: all((move) => ({
              ...move,
              angleDeg: Math.min(STEEPEST, Number((move.angleDeg * times).toFixed(1))),
            })),
          })),
          ...[0.5, 0.75, 1.5, 2].map((times): Variant => ({
            key: `long ${times}`,
            says: `${trim(times, 2)} times as long`,
            make: all((move) => ({
              ...move,
              s: Math.max(1, Math.round(secondsOf(move) * times)),
              own: true,
            })),
          })),
        ]
      : [],
} as const satisfies Decision;
