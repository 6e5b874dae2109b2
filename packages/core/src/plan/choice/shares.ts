import { openPlan } from '../document/open';
import { setShare } from '../edit/amounts';
import type { Decision, Variant } from './define';

const [MORE, LESS] = [1.6, 0.5];
/** A colour that has most of the paint is no accent any more: no more than this of all. */
const MOST_SHARE = 0.8;

/** More of one colour, or less. */
export const shares = {
  id: 'shares',
  name: 'The shares',
  variants: (plan) => {
    const { mixName } = openPlan(plan);
    const all = plan.budget.shares;
    if (all.length < 2) return [];
    const whole = all.reduce((sum, s) => sum + s.share, 0);
    const of = (times: number, word: string) =>
      all.map(({ mix, share }): Variant => ({
        key: `${word} ${mix}`,
        says: `${word} ${mixName(mix)}`,
        make: (other) =>
          setShare(other, mix, Number(Math.min(MOST_SHARE, (times * share) / whole).toFixed(4))),
      }));
    return [...of(MORE, 'More'), ...of(LESS, 'Less')];
  },
} as const satisfies Decision;
