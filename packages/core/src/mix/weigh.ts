import type { Book } from '../material/book';
import type { Medium } from '../material/schema';
import { apportion } from '../quantity/apportion';
import { makeMedium } from './medium';
import type { Recipe } from './recipe';
import { roundPartsOf, weighedOf } from './round-parts';

/** One line of a weigh-up: what goes in, how much, and what the scale reads after it if it is not tared. */
export interface WeighStep {
  readonly material: string;
  readonly g: number;
  readonly ml: number;
  readonly scaleReadsG: number;
  /** Oils are counted, not weighed; their few hundredths of a gram are not in the reading. */
  readonly drops?: number;
  /** A powder, which by eye is counted in scoops and fills no cup to a mark. */
  readonly powder?: true;
}

/**
 * Weigh-up of `totalG` of a recipe in steps of the scale. The weighed amounts are rounded together, so that
 * the last reading is the total: no gram is lost to rounding. A total that was rounded for parts of whole `toG` grams is
 * weighed up in those.
 */
export function weighUp(recipe: Recipe, totalG: number, stepG: number, toG?: number): WeighStep[] {
  const weighed = weighedOf(recipe);
  const perG = totalG / weighed.reduce((sum, i) => sum + i.g, 0);
  const grams =
    (toG === undefined ? undefined : roundPartsOf(recipe, totalG, toG, stepG)) ??
    apportion(
      weighed.map((i) => i.g * perG),
      stepG,
    );
  let reads = 0;
  const steps: WeighStep[] = weighed.map((ingredient, index) => {
    const g = grams[index] ?? 0;
    reads = Number((reads + g).toFixed(6));
    return {
      material: ingredient.id,
      g,
      ml: ingredient.g > 0 ? (g * ingredient.ml) / ingredient.g : 0,
      scaleReadsG: reads,
      ...(ingredient.kind === 'powder' ? { powder: true as const } : {}),
    };
  });
  for (const oil of recipe.ingredients.filter((i) => i.kind === 'oil')) {
    const drops = Math.max(1, Math.round((oil.drops ?? 0) * perG));
    const ml = oil.drops ? (drops * oil.ml) / oil.drops : 0;
    steps.push({
      material: oil.id,
      g: oil.ml > 0 ? (ml * oil.g) / oil.ml : 0,
      ml,
      scaleReadsG: reads,
      drops,
    });
  }
  return totalG > 0 ? steps : [];
}

/** Weigh-up of `totalG` of a medium by its own items; a medium inside it stands as one item. */
export function weighMedium(
  medium: Medium,
  book: Book,
  totalG: number,
  stepG: number,
): WeighStep[] {
  const items = medium.of.map((item) => {
    const density =
      'medium' in item
        ? makeMedium(item.medium, book).densityGPerMl
        : book.material(item.material).densityGPerMl;
    return {
      id: 'medium' in item ? item.medium : item.material,
      density,
      mass: medium.basis === 'weight' ? item.parts : item.parts * density,
    };
  });
  const whole = items.reduce((sum, i) => sum + i.mass, 0);
  const grams = apportion(
    items.map((i) => (totalG * i.mass) / whole),
    stepG,
  );
  let reads = 0;
  return items.map((item, index) => {
    const g = grams[index] ?? 0;
    reads = Number((reads + g).toFixed(6));
    return { material: item.id, g, ml: g / item.density, scaleReadsG: reads };
  });
}
