import type { Cause } from './define';

/** Matt paint and gloss do not like each other, whichever lies above. */
export const matt = {
  id: 'matt',
  says: 'matt against gloss',
  lifts: (above, below, factors) => factors['matt-lifts'] * Math.abs(above.matt - below.matt),
} as const satisfies Cause;
