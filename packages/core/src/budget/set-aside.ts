import type { Amounts, PotAmount } from './budget';

/** Uses in the order their pots are poured off one batch: what the cups need first, the base gets the rest (handbook 2, common practice). */
const ORDER: readonly PotAmount['use'][] = [
  'colour',
  'activator',
  'edge',
  'extender',
  'keep',
  'dots',
  'base',
];

export interface Batch {
  readonly mix: string;
  readonly g: number;
  readonly ml: number;
  /** Pots poured off it, first one first. */
  readonly pots: readonly PotAmount[];
}

/** Every mix as one batch with the pots that are set aside from it, in order. */
export function setAside({ pots }: Amounts): Batch[] {
  const mixes = [...new Set(pots.map((p) => p.mix))];
  return mixes.map((mix) => {
    const own = pots.filter((p) => p.mix === mix && p.g > 0);
    return {
      mix,
      g: own.reduce((sum, p) => sum + p.g, 0),
      ml: own.reduce((sum, p) => sum + p.ml, 0),
      pots: [...own].sort((a, b) => ORDER.indexOf(a.use) - ORDER.indexOf(b.use)),
    };
  });
}
