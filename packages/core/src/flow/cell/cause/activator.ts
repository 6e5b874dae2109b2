import type { Pile } from '../pile';
import type { Cause } from './define';

const over = (above: Pile, below: Pile): number => Math.max(0, above.activator - below.activator);

/** An activator spreads thin over what lies under it, and tears. */
export const activator = {
  id: 'activator',
  says: 'activator',
  lifts: (above, below, factors) => factors['activator-lifts'] * over(above, below),
  pulls: (above, below, factors) => factors['activator-pulls'] * over(above, below),
  hastens: (above, below, factors) => factors['activator-hastens'] * over(above, below),
} as const satisfies Cause;
