import type { Material, Medium } from '../../material/schema';
import type { Mix } from '../../mix/schema';
import type { Plan } from '../schema';

export const setMix = (plan: Plan, index: number, change: (mix: Mix) => Mix): Plan => ({
  ...plan,
  mixes: plan.mixes.map((m, i) => (i === index ? change(m) : m)),
});

/**
 * Gives a mix another medium, or none. One from the artist's shelf is copied into the plan with the materials it
 * needs, so that the file stays whole by itself.
 */
export function setMedium(
  plan: Plan,
  index: number,
  id: string | undefined,
  shelf: readonly Medium[],
  materials: readonly Material[],
): Plan {
  const changed = setMix(plan, index, ({ medium, ...m }) =>
    id === undefined ? m : { ...m, medium: { id, parts: medium?.parts ?? 1 } },
  );
  const own = shelf.find((m) => m.id === id);
  if (!own || plan.mediums?.some((m) => m.id === id)) return changed;
  const needed = materials.filter(
    (m) =>
      own.of.some((i) => 'material' in i && i.material === m.id) &&
      !plan.materials?.some((have) => have.id === m.id),
  );
  return {
    ...changed,
    mediums: [...(plan.mediums ?? []), own],
    ...(needed.length > 0 ? { materials: [...(plan.materials ?? []), ...needed] } : {}),
  };
}

/** Enters what was weighed for a mix, in place of what was entered before. */
export const setMade = (plan: Plan, made: NonNullable<Plan['made']>[number]): Plan => ({
  ...plan,
  made: [...(plan.made ?? []).filter((m) => m.mix !== made.mix), made],
});

/** Notes how thick a mix was found to be; the last reading of a mix counts. */
export const addReading = (plan: Plan, reading: NonNullable<Plan['readings']>[number]): Plan => ({
  ...plan,
  readings: [...(plan.readings ?? []), reading].slice(-MOST_READINGS),
});

const MOST_READINGS = 200;
