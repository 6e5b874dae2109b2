import { SCHOOLS } from '../budget/school';
import { chosenTechnique } from '../technique';
import type { Finding, RemarkDefinition } from './evidence';

/** A mix of its own that the technique lives by, and that nothing is set aside of. */
export const nothingSetAside: RemarkDefinition = {
  id: 'nothing-set-aside',
  see: ({ plan }) => {
    const { needs, name } = chosenTechnique(plan);
    const { overBase } = SCHOOLS[plan.budget.school];
    return needs.uses.flatMap(({ use, school, overBase: over, inAll }): Finding[] => {
      const wanted = overBase ? over : inAll;
      if (school === undefined || !wanted || plan.budget.pots.some((p) => p.use === use)) return [];
      return [
        {
          severity: 'may',
          about: '/budget/pots',
          message: `${name} wants ${use === 'activator' ? 'an activator' : `a ${use}`}, and none is set aside.`,
          advice: 'Set some aside with a mix of its own, or take the technique anew.',
          numbers: {},
        },
      ];
    });
  },
};
