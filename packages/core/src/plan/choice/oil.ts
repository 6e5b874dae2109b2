import type { Additive } from '../../mix/schema';
import { openPlan } from '../document/open';
import type { Plan } from '../document/schema';
import { setAdditives } from '../edit/mixes';
import type { Decision, Variant } from './define';

/** Drops are told for so many millilitres. */
const PER_ML = 60;

/** Oil in some of the colours, and in no other. */
function oiled(plan: Plan, drops: number, inMix: (mix: string) => boolean): Plan {
  const { book } = openPlan(plan);
  const colours = new Set(plan.budget.shares.map(({ mix }) => mix));
  return plan.mixes.reduce((of, { id, additives = [] }, n) => {
    if (!colours.has(id)) return of;
    const dry = additives.filter((a) => book.material(a.material).role !== 'oil');
    const oil: readonly Additive[] =
      drops > 0 && inMix(id) ? [{ material: 'silicone', drops, perMl: PER_ML }] : [];
    if (oil.length === 0 && dry.length === additives.length) return of;
    return setAdditives(of, n, [...dry, ...oil], []);
  }, plan);
}

/** Oil or none, how much, and in which colours. */
export const oil = {
  id: 'oil',
  name: 'Oil',
  variants: (plan) => {
    const { mixName, oily } = openPlan(plan);
    return [
      ...(oily
        ? [{ key: 'none', says: 'No oil', make: (of: Plan) => oiled(of, 0, () => false) }]
        : []),
      ...[1, 2, 3].map((drops) => ({
        key: `all ${drops}`,
        says: `${drops} ${drops === 1 ? 'drop' : 'drops'} in 60 mL, all colours`,
        make: (of: Plan) => oiled(of, drops, () => true),
      })),
      ...plan.budget.shares.slice(0, 4).map(({ mix }): Variant => ({
        key: `in ${mix}`,
        says: `2 drops, in ${mixName(mix)} only`,
        make: (of) => oiled(of, 2, (id) => id === mix),
      })),
    ];
  },
} as const satisfies Decision;
