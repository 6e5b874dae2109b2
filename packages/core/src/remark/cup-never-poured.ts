import { trim } from '../quantity/show';
import { VERBS, verbOf } from '../verb';
import type { Finding, RemarkDefinition } from './evidence';

/** A loaded cup that no move pours. */
export const cupNeverPoured: RemarkDefinition = {
  id: 'cup-never-poured',
  see: ({ plan, ledger, measure }) => {
    const pouring = plan.moves.map((m) => verbOf(m).empties !== undefined).lastIndexOf(true);
    // A plan that pours nothing yet is not finished: nothing of it is forgotten.
    if (pouring < 0) return [];
    return ledger.full.flatMap(({ cup, g }): Finding[] => {
      const at = plan.cups.findIndex((c) => c.id === cup);
      const last = plan.moves[pouring]!;
      const move = {
        ...last,
        id: `${last.verb}-${cup}-too`,
        ...('cups' in last ? { cups: [cup] } : { cup }),
        own: true,
      };
      return [
        {
          severity: 'spoils',
          about: `/cups/${at}`,
          message: `No move pours cup ${at + 1}.`,
          advice: `Its ${trim(g / measure.pieces, 0)} g stay in it${measure.pieces > 1 ? ', for every piece' : ''}: pour it too, or take it out.`,
          numbers: { cup: at + 1, g },
          fix: {
            label: `${VERBS[last.verb].title} cup ${at + 1} too`,
            patch: [{ op: 'add', path: `/moves/${pouring + 1}`, value: move }],
          },
        },
      ];
    });
  },
};
