import { SCHOOLS } from '../budget/school';
import { trim } from '../quantity/show';
import { chosenTechnique } from '../technique';
import type { Finding, RemarkDefinition } from './evidence';

/** More than so many times what the technique sets aside is too much, less than that part too little (estimates). */
const MUCH = 1.8;
const LITTLE = 0.5;

/** Far more or less set aside than the technique lives by, where that is a share of the colours, such as a dump colour. */
export const asideOff: RemarkDefinition = {
  id: 'aside-off',
  see: ({ plan, amounts }) => {
    const { overBase } = SCHOOLS[plan.budget.school];
    const coloursG = amounts.pots.reduce((sum, p) => sum + (p.use === 'colour' ? p.g : 0), 0);
    return chosenTechnique(plan).needs.uses.flatMap((need): Finding[] => {
      const usual = (overBase ? need.overBase : need.inAll)?.share;
      const at = plan.budget.pots.findIndex((p) => p.use === need.use);
      if (usual === undefined || !need.off || at < 0 || coloursG <= 0) return [];
      const g = amounts.pots.reduce((sum, p) => sum + (p.use === need.use ? p.g : 0), 0);
      const share = g / coloursG;
      const much = share > MUCH * usual;
      if (!much && share >= LITTLE * usual) return [];
      const { filmMm: _, ml: __, g: ___, share: ____, ...pot } = plan.budget.pots[at]!;
      return [
        {
          severity: 'may',
          about: `/budget/pots/${at}`,
          message: much ? need.off.much : need.off.little,
          advice: `${trim(100 * share, 0)} % of the colours is set aside; ${trim(100 * usual, 0)} % is usual.`,
          numbers: { share, usual },
          fix: {
            label: 'Set aside what is usual',
            patch: [{ op: 'replace', path: `/budget/pots/${at}`, value: { ...pot, share: usual } }],
          },
        },
      ];
    });
  },
};
