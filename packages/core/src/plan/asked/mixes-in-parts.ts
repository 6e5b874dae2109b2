import { inParts, type Part } from '../../mix/in-parts';
import { openPlan } from '../document/open';
import type { Plan } from '../document/schema';

/** A mix as those make it who never weigh. */
export interface MixInParts {
  readonly mix: string;
  readonly name: string;
  readonly parts: readonly Part[];
  /** Drops of oil to so many mL of it. */
  readonly oils: readonly { readonly id: string; readonly drops: number; readonly perMl: number }[];
}

/** Every mix of a plan in parts by eye. */
export function mixesInParts(plan: Plan): MixInParts[] {
  const { recipe } = openPlan(plan);
  return plan.mixes.map(({ id, name, additives = [] }) => ({
    mix: id,
    name,
    parts: inParts(recipe(id)),
    oils: additives.flatMap((a) =>
      'drops' in a ? [{ id: a.material, drops: a.drops, perMl: a.perMl }] : [],
    ),
  }));
}
