import { fromUnit } from '../../quantity/unit';
import type { School } from './school';

/** Square inches ÷ 28 = US fluid ounces (common practice, no published source), as mL per cm². */
export const LEAN_ML_PER_CM2 = fromUnit(1, 'us-floz') / 28 / 2.54 ** 2;

export const lean = {
  id: 'lean',
  name: 'Lean',
  says: 'A US fluid ounce for every 28 square inches, over a base coat. Base, edges and reserve come on top.',
  overBase: true,
  otherGround: 'lean-bare',
  insurance: 0.12,
  colours: ({ areaCm2 }) => ({ ml: areaCm2 * LEAN_ML_PER_CM2 }),
} as const satisfies School;
