import { trim } from '../quantity/show';
import { verbOf } from '../verb';
import type { Finding, RemarkDefinition } from './evidence';

/** What rounding to the scale's step may leave between a film and its pot, as a share of it. */
const SLACK = 0.05;

/** A move that lays more than is set aside for it: the total does not know of that paint. */
export const beyondItsPot: RemarkDefinition = {
  id: 'beyond-its-pot',
  see: ({ plan, amounts, ledger }) =>
    plan.moves.flatMap((move, i): Finding[] => {
      const use = verbOf(move).draws;
      const take = ledger.entries[i]?.takes.find((t) => t.use === use);
      if (use === undefined || !take) return [];
      const pot = amounts.pots.find((p) => p.use === use && p.mix === take.mix);
      const overG = take.g - (pot?.g ?? 0);
      if (overG <= Math.max(plan.budget.stepG, SLACK * take.g)) return [];
      const at = plan.budget.pots.findIndex((p) => p.use === use && p.mix === take.mix);
      const whole = {
        use,
        ...(take.mix === undefined ? {} : { mix: take.mix }),
        g: Number(take.g.toFixed(1)),
      };
      return [
        {
          severity: 'may',
          about: `/moves/${i}`,
          message: `Move ${i + 1} lays ${trim(take.g, 0)} g, and ${pot ? `${trim(pot.g, 0)} g are` : 'nothing is'} set aside for it.`,
          advice: `The total does not know of ${trim(overG, 0)} g of it: set it aside, or you mix too little.`,
          numbers: { takesG: take.g, potG: pot?.g ?? 0 },
          fix: {
            label: `Set ${trim(take.g, 0)} g aside`,
            patch: [
              at < 0
                ? { op: 'add', path: `/budget/pots/${plan.budget.pots.length}`, value: whole }
                : { op: 'replace', path: `/budget/pots/${at}`, value: whole },
            ],
          },
        },
      ];
    }),
};
