import { setSeed } from '../edit/whole';
import type { Decision } from './define';

const OTHERS = 8;

/** The chance a preview is computed with: how the very same moves may fall out. */
export const seed = {
  id: 'seed',
  name: 'The chance',
  variants: (plan) =>
    Array.from({ length: OTHERS }, (_, n) => {
      const other = (plan.seed ?? 1) + n + 1;
      return { key: `seed ${other}`, says: `Seed ${other}`, make: (of) => setSeed(of, other) };
    }),
} as const satisfies Decision;
