import { cupsOf } from '../verb';
import type { Finding, PatchOp, RemarkDefinition } from './evidence';

/** A cup a move would pour that an earlier move has emptied. */
export const cupPouredTwice: RemarkDefinition = {
  id: 'cup-poured-twice',
  see: ({ plan, ledger }) =>
    plan.moves.flatMap((move, i): Finding[] => {
      const { dry = [] } = ledger.entries[i] ?? {};
      const [first] = dry;
      if (!first) return [];
      const names = dry.map(({ cup }) => `cup ${plan.cups.findIndex((c) => c.id === cup) + 1}`);
      const by = plan.moves.findIndex((m) => m.id === first.by);
      const all = cupsOf(move);
      const emptied = new Set(dry.map(({ cup }) => cup));
      const list = all.filter((cup) => !emptied.has(cup));
      const patch: PatchOp[] =
        list.length === 0
          ? [{ op: 'remove', path: `/moves/${i}` }]
          : // From the last to the first, so that places in the list stay what they are.
            all
              .flatMap((cup, k) => (emptied.has(cup) ? [k] : []))
              .reverse()
              .map((k): PatchOp => ({ op: 'remove', path: `/moves/${i}/cups/${k}` }));
      const said = names.join(' and ');
      return [
        {
          severity: 'spoils',
          about: `/moves/${i}`,
          message: `Nothing comes out: ${said} ${names.length === 1 ? 'is' : 'are'} empty by move ${i + 1}.`,
          advice: `Move ${by + 1} has poured all of it; leave ${names.length === 1 ? 'it' : 'them'} out here, or load another cup.`,
          numbers: { move: i + 1, by: by + 1 },
          fix: {
            label: list.length === 0 ? `Leave move ${i + 1} out` : `Leave ${said} out of it`,
            patch,
          },
        },
      ];
    }),
};
