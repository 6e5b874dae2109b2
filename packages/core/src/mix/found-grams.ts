import { toUnit } from '../quantity/unit';
import type { FoundMix } from './find';

/** What is less than this is counted in drops: a kitchen scale does not read it, mL (estimate). */
const DROPS_BELOW_ML = 1;

/** What a found mix takes of one paint. */
export interface FoundGrams {
  readonly paint: string;
  readonly ml: number;
  readonly g: number;
  /** Where it is too little for the scale. */
  readonly drops?: number;
}

/**
 * A found mix weighed out: parts are of volume, the scale reads mass. The largest part comes first, the way it is weighed: a drop too many of
 * a small part is mended by more of the large one.
 * @param g the whole of it
 */
export function gramsOf(
  { paints }: Pick<FoundMix, 'paints'>,
  g: number,
  densityOf: (paint: string) => number,
): readonly FoundGrams[] {
  const whole = paints.reduce((sum, p) => sum + p.parts * densityOf(p.paint), 0);
  return [...paints]
    .sort((a, b) => b.parts - a.parts)
    .map(({ paint, parts }) => {
      const own = (g * parts * densityOf(paint)) / whole;
      const ml = own / densityOf(paint);
      return ml < DROPS_BELOW_ML
        ? { paint, g: own, ml, drops: Math.max(1, Math.round(toUnit(ml, 'drop'))) }
        : { paint, g: own, ml };
    });
}
