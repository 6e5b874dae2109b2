import type { Cause } from './define';

/** Thick metal comes up through a film as thin as this share of it (judgement), and less readily through a thicker one. */
const THIN = 0.5;

export const metal = {
  id: 'metal',
  says: 'thick metal under a thin colour',
  lifts: (above, below, factors) =>
    factors['metal-lifts'] *
    Math.max(0, below.flakes - above.flakes) *
    Math.min(1, (THIN * below.um) / Math.max(above.um, 1e-9)),
} as const satisfies Cause;
