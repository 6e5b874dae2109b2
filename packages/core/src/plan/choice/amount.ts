import { trim } from '../../quantity/show';
import { setBudget } from '../edit/amounts';
import type { Decision } from './define';

const TIMES = [0.6, 0.75, 0.9, 1.15, 1.35, 1.6];
/** Less of a school's figure than this nobody lays, nor more. */
const [LEAST, MOST] = [0.05, 3];

/** How much paint there is of all colours together. */
export const amount = {
  id: 'amount',
  name: 'How much paint',
  variants: ({ budget }) =>
    TIMES.flatMap((times) => {
      const part = Number(((budget.part ?? 1) * times).toFixed(3));
      return part < LEAST || part > MOST
        ? []
        : [
            {
              key: `times ${times}`,
              says: `${trim(times, 2)} times as much`,
              make: (plan) => setBudget(plan, { part }),
            },
          ];
    }),
} as const satisfies Decision;
