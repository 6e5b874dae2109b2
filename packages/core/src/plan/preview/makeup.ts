import type { Makeup } from '../../flow/cell';
import type { Additive, Mix } from '../../mix/schema';
import { isMetallic } from '../../paint/property';
import type { OpenPlan } from '../document/open';

/** Drops of oil are told for so many millilitres. */
const DROPS_IN_ML = 60;

/** Every mix of a plan as far as it decides about cells. */
export function makeupsOf(open: OpenPlan): Readonly<Record<string, Makeup>> {
  const activators = new Set(
    open.plan.budget.pots.flatMap(({ use, mix }) => (use === 'activator' && mix ? [mix] : [])),
  );
  return Object.fromEntries(
    open.plan.mixes.map((mix) => [mix.id, makeupOf(mix, open, activators.has(mix.id))]),
  );
}

function makeupOf(mix: Mix, { book, paint, densityOf }: OpenPlan, activator: boolean): Makeup {
  const whole = mix.paints.reduce((sum, p) => sum + p.parts, 0);
  const shareOf = (is: (finish: string) => boolean) =>
    whole > 0
      ? mix.paints.reduce((sum, p) => sum + (is(paint(p.paint).finish) ? p.parts : 0), 0) / whole
      : 0;
  let oil = 0;
  let oilPaS = 0;
  for (const additive of mix.additives ?? []) {
    const { role, viscosityPaS } = book.material(additive.material);
    if (role !== 'oil') continue;
    oil += dropsIn(additive);
    oilPaS = Math.max(oilPaS, viscosityPaS);
  }
  return {
    densityKgM3: 1000 * densityOf(mix.id),
    oil,
    oilPaS,
    matt: shareOf((finish) => finish === 'matt'),
    flakes: shareOf((finish) => isMetallic(finish as Parameters<typeof isMetallic>[0])),
    activator,
  };
}

/** Oil weighed instead of counted: a drop is about a twentieth of a gram (common practice, no published source). */
const DROP_G = 0.05;
const dropsIn = (additive: Additive): number =>
  (('drops' in additive ? additive.drops : additive.g / DROP_G) * DROPS_IN_ML) / additive.perMl;
