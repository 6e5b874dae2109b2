import { verbOf } from '../verb';
import type { Finding, RemarkDefinition } from './evidence';

/** A move told so that it goes wrong by itself. */
export const moveAmiss: RemarkDefinition = {
  id: 'move-amiss',
  see: ({ plan }) =>
    plan.moves.flatMap((move, i): Finding[] => {
      const { amiss, title } = verbOf(move);
      const wrong = amiss?.(move);
      if (!wrong) return [];
      return [
        {
          severity: 'spoils',
          about: `/moves/${i}`,
          message: `Move ${i + 1} ${wrong.says}.`,
          advice: `Set it as it is usual for “${title}”, or mean it.`,
          numbers: { move: i + 1 },
          fix: {
            label: 'Set it as usual',
            patch: Object.entries(wrong.mends).map(([name, value]) => ({
              op: 'replace',
              path: `/moves/${i}/${name}`,
              value,
            })),
          },
        },
      ];
    }),
};
