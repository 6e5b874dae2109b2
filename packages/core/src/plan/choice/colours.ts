import { openPlan } from '../document/open';
import { removeColour } from '../edit/colours';
import type { Decision } from './define';

/** Fewer colours than this are no palette. */
const LEAST = 2;

/** A colour left out. */
export const colours = {
  id: 'colours',
  name: 'A colour less',
  variants: (plan) => {
    const { shares } = plan.budget;
    if (shares.length <= LEAST) return [];
    return shares.map(({ mix }) => ({
      key: mix,
      says: `Without ${openPlan(plan).mixName(mix)}`,
      make: (of) => removeColour(of, mix),
    }));
  },
} as const satisfies Decision;
