import type { Pile } from '../pile';
import type { Cause } from './define';

/** More drops than this in 60 mL do no more (handbook 4: one to three drops a cup of 60 to 90 g). */
const ENOUGH = 3;
/** Oil in the paint above opens holes in it, but not as readily as oil that comes up from below (judgement). */
const ABOVE = 0.5;
/** Tension goes as the cube root of what oil's viscosity is over this, Pa·s: thicker oil, larger cells (handbook 4; tuned). */
const PLAIN_OIL = 0.35;

const drops = (above: Pile, below: Pile): number =>
  Math.min(ENOUGH, below.oil) + ABOVE * Math.min(ENOUGH, above.oil);

export const oil = {
  id: 'oil',
  says: 'oil',
  lifts: (above, below, factors) => factors['oil-lifts'] * drops(above, below),
  hastens: (above, below, factors) => factors['oil-hastens'] * drops(above, below),
  pulls: (above, below, factors) => {
    const of = above.oil > below.oil ? above : below;
    return factors['oil-pulls'] * Math.min(1, of.oil) * Math.cbrt(of.oilPaS / PLAIN_OIL);
  },
} as const satisfies Cause;
