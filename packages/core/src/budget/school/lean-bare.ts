import { lean } from './lean';
import type { School } from './school';

/** Some pour the lean figure straight on the primed ground (handbook 11, common practice, no published source). */
export const leanBare = {
  id: 'lean-bare',
  name: 'Lean, no base',
  says: 'The lean figure on the bare ground, over wetted edges: the least paint there is, and all of it has to be stretched.',
  overBase: false,
  otherGround: 'lean',
  insurance: 0.12,
  colours: lean.colours,
} as const satisfies School;
