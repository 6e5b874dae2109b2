import type { Cause } from './define';

/** What falls from high up churns: its layers lie every way, light under heavy among them. */
export const height = {
  id: 'height',
  says: 'height of the pour',
  lifts: (above, _, factors) => factors['height-lifts'] * Math.log2(Math.max(1, above.folds)),
} as const satisfies Cause;
