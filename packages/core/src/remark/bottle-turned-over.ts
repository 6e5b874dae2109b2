import { cupsOf, turnsOver } from '../verb';
import type { Finding, RemarkDefinition } from './evidence';

/** A bottle with a tip, or a bottomless ring, that a move turns over like a cup. */
export const bottleTurnedOver: RemarkDefinition = {
  id: 'bottle-turned-over',
  see: ({ plan }) =>
    plan.moves.flatMap((move, i): Finding[] => {
      if (!turnsOver(move)) return [];
      return cupsOf(move).flatMap((id): Finding[] => {
        const at = plan.cups.findIndex((c) => c.id === id);
        const outlet = plan.cups[at]?.outlet;
        if (outlet === undefined || outlet === 'rim') return [];
        const what =
          typeof outlet === 'object' && 'tipMm' in outlet ? 'a bottle with a tip' : 'open below';
        return [
          {
            severity: 'may',
            about: `/moves/${i}`,
            message: `Cup ${at + 1} is ${what}: it cannot be turned over.`,
            advice: 'Pour it instead, or load a cup with an open rim.',
            numbers: { cup: at + 1, move: i + 1 },
            fix: {
              label: `Make cup ${at + 1} an open cup`,
              patch: [{ op: 'replace', path: `/cups/${at}/outlet`, value: 'rim' }],
            },
          },
        ];
      });
    }),
};
