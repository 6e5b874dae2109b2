import { EVEN_G_PER_ML, THROUGH_G_PER_ML } from './pace';

/** So much of a layer that sinks has reached the floor by the time it is poured (tuned). */
const MOST_SUNK = 0.3;

/**
 * What has sunk to the floor of the cup of each layer, 0..1, by how much heavier it is than all below it: a heavy last colour arrives at the very
 * end of a pour, as a small focus (handbook 5).
 * @param layers in the order they went in
 */
export function sinking(
  layers: readonly { readonly ml: number; readonly densityGPerMl: number }[],
): number[] {
  let belowMl = 0;
  let belowG = 0;
  return layers.map(({ ml, densityGPerMl }) => {
    const heavier = belowMl > 0 ? densityGPerMl - belowG / belowMl : 0;
    belowMl += ml;
    belowG += ml * densityGPerMl;
    const how = (heavier - EVEN_G_PER_ML) / (THROUGH_G_PER_ML - EVEN_G_PER_ML);
    return MOST_SUNK * Math.min(1, Math.max(0, how));
  });
}
