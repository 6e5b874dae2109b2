import type { Cause } from './define';

/** Heavy paint over light (Rayleigh and Taylor). */
export const weight = {
  id: 'weight',
  says: 'heavy paint over light',
  lifts: (above, below) => above.densityKgM3 - below.densityKgM3,
} as const satisfies Cause;
