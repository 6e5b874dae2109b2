import { type Move, verbOf } from '../verb';
import type { Finding, RemarkDefinition } from './evidence';

/** A move that goes over what one of its kind has done before, and spoils it. */
export const samePlaceTwice: RemarkDefinition = {
  id: 'same-place-twice',
  see: ({ plan }) => {
    const before = new Map<string, Move[]>();
    return plan.moves.flatMap((move, i): Finding[] => {
      const { spoils } = verbOf(move);
      if (!spoils) return [];
      const earlier = before.get(move.verb) ?? [];
      before.set(move.verb, [...earlier, move]);
      const says = earlier
        .filter((m) => m.piece === move.piece)
        .map((m) => spoils(move, m))
        .find((found) => found !== undefined);
      if (says === undefined) return [];
      return [
        {
          severity: 'may',
          about: `/moves/${i}`,
          message: `Move ${i + 1} ${says}.`,
          advice: 'Take a fresh spot each time, or leave it out.',
          numbers: { move: i + 1 },
          fix: { label: 'Leave it out', patch: [{ op: 'remove', path: `/moves/${i}` }] },
        },
      ];
    });
  },
};
