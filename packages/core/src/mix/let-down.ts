import { type Factors, factorsWith } from '../factor';
import { consistencyOf, stepLimits } from './consistency';
import type { Recipe } from './recipe';
import type { Consistency, Mix } from './schema';

/** Parts move in twentieths, since nobody measures finer. */
const PER_PART = 20;
const MOST_PARTS = 6;

/**
 * The mix with as little change of medium, then of water, as brings it to a step, or undefined where neither
 * reaches it. Viscosity changes one way with either, so the smallest change is found by halving.
 */
export function letDown(
  mix: Mix,
  step: Consistency,
  recipeOf: (mix: Mix) => Recipe,
  factors: Factors = factorsWith(),
): Mix | undefined {
  const viscosity = (tried: Mix) => recipeOf(tried).viscosityPaS;
  const now = viscosity(mix);
  if (consistencyOf(now) === step) return mix;
  const { fromPaS, belowPaS } = stepLimits(step);
  const thinner = now >= belowPaS;
  const arrived = (tried: Mix) =>
    thinner ? viscosity(tried) < belowPaS : viscosity(tried) >= fromPaS;
  const lands = (tried: Mix | undefined) =>
    tried && consistencyOf(viscosity(tried)) === step ? tried : undefined;

  const medium = mix.medium;
  if (medium) {
    const withMedium = (at: number): Mix => ({
      ...mix,
      medium: { ...medium, parts: at / PER_PART },
    });
    const from = Math.round(medium.parts * PER_PART);
    const more = viscosity(withMedium(from + 1)) < now === thinner;
    const found = lands(firstThat(arrived, withMedium, from, more ? MOST_PARTS * PER_PART : 1));
    if (found) return found;
  }
  if (!thinner) return undefined;
  const withWater = (at: number): Mix => ({ ...mix, waterParts: at / PER_PART });
  const watered = lands(
    firstThat(
      arrived,
      withWater,
      Math.round((mix.waterParts ?? 0) * PER_PART),
      MOST_PARTS * PER_PART,
    ),
  );
  return watered && recipeOf(watered).waterShare <= factors['water-noted-from']
    ? watered
    : undefined;
}

/** The mix nearest to rung `from`, going toward rung `to`, that has arrived; undefined where not even the last has. */
function firstThat(
  arrived: (mix: Mix) => boolean,
  at: (rung: number) => Mix,
  from: number,
  to: number,
): Mix | undefined {
  const way = Math.sign(to - from);
  if (way === 0 || !arrived(at(to))) return undefined;
  let before = 0;
  let after = Math.abs(to - from);
  while (after - before > 1) {
    const middle = (before + after) >> 1;
    if (arrived(at(from + way * middle))) after = middle;
    else before = middle;
  }
  return at(from + way * after);
}
