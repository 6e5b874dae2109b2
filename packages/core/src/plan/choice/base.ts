import { trim } from '../../quantity/show';
import { rewriteMoves } from '../beginning/moves';
import type { Plan } from '../document/schema';
import { setBase } from '../edit/base';
import { setPot } from '../edit/pots';
import type { Decision } from './define';

const FILMS_MM = [0.5, 1, 1.5, 2];

const baseIn = (plan: Plan): number => plan.budget.pots.findIndex(({ use }) => use === 'base');

/** How thick the wet base is that the colours run on. */
export const base = {
  id: 'base',
  name: 'The base',
  variants: (plan) => {
    const now = plan.budget.pots[baseIn(plan)];
    return [
      ...(now
        ? [{ key: 'none', says: 'No base', make: (of: Plan) => setBase(of, false).plan }]
        : []),
      ...FILMS_MM.filter((mm) => mm !== now?.filmMm).map((mm) => ({
        key: `${mm} mm`,
        says: `${trim(mm, 1)} mm of base`,
        make: (of: Plan) => laid(of, mm),
      })),
    ];
  },
} as const satisfies Decision;

function laid(plan: Plan, filmMm: number): Plan {
  const grown = setBase(plan, true).plan;
  const set = setPot(grown, baseIn(grown), ({ use, mix }) => ({
    use,
    ...(mix === undefined ? {} : { mix }),
    filmMm,
  }));
  return rewriteMoves(set, plan);
}
