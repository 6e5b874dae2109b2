import { trim } from '../quantity/show';
import { LEAN_ML_PER_CM2 } from '../budget/school/lean';
import type { RemarkDefinition } from './evidence';

const LEAN_MM = LEAN_ML_PER_CM2 * 10;

const LAY_LEAN = {
  label: `Lay ${trim(LEAN_MM, 2)} mm`,
  patch: [{ op: 'add', path: '/budget/laidMm', value: Number(LEAN_MM.toFixed(2)) }],
} as const;
const BY_GENEROUS = {
  label: 'Use the generous rule',
  patch: [{ op: 'replace', path: '/budget/school', value: 'generous' }],
} as const;

export const tooLittlePaint: RemarkDefinition = {
  id: 'too-little-paint',
  see: ({ plan, amounts, measure, factors }) => {
    const leastMm =
      factors[plan.surface.rim.kind === 'raised' ? 'bare-below-in-rim' : 'bare-below'];
    const baseMl = amounts.pots.filter((p) => p.use === 'base').reduce((sum, p) => sum + p.ml, 0);
    const wetMm = amounts.laidMm + (baseMl / measure.areaCm2) * 10;
    if (wetMm >= leastMm) return [];
    const { school } = plan.budget;
    const mend = school === 'generous' ? undefined : school === 'film' ? LAY_LEAN : BY_GENEROUS;
    return [
      {
        severity: 'spoils',
        about: '/budget',
        message: 'There is too little paint to reach the corners.',
        advice: `It makes ${trim(wetMm, 1)} mm of wet film; below ${trim(leastMm, 1)} mm you stretch everything and keep what is ugly.`,
        numbers: { wetMm, leastMm },
        ...(mend ? { fix: mend } : {}),
      },
    ];
  },
};
