import { type Factors, factorsWith } from '../factor';

/**
 * What has sunk to the floor of the cup of each layer, 0..1, by how much heavier it is than all below it: a heavy last colour arrives at the very
 * end of a pour, as a small focus (handbook 5).
 * @param layers in the order they went in
 */
export function sinking(
  layers: readonly { readonly ml: number; readonly densityGPerMl: number }[],
  factors: Factors = factorsWith(),
): number[] {
  const evenGPerMl = factors['sinks-from'];
  const throughGPerMl = Math.max(evenGPerMl + 1e-6, factors['sinks-through-from']);
  let belowMl = 0;
  let belowG = 0;
  return layers.map(({ ml, densityGPerMl }) => {
    const heavier = belowMl > 0 ? densityGPerMl - belowG / belowMl : 0;
    belowMl += ml;
    belowG += ml * densityGPerMl;
    const how = (heavier - evenGPerMl) / (throughGPerMl - evenGPerMl);
    return factors['sunk-at-most'] * Math.min(1, Math.max(0, how));
  });
}
