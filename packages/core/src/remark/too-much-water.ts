import { trim } from '../quantity/show';
import { schoolOf } from '../mix/school';
import type { Mix } from '../mix/schema';
import type { Recipe } from '../mix/recipe';
import type { Finding, RemarkDefinition } from './evidence';

export const tooMuchWater: RemarkDefinition = {
  id: 'too-much-water',
  see: ({ plan, mixes, book, recipeOf, factors }) => {
    const noteFrom = factors['water-noted-from'];
    const crazes = factors['water-crazes-from'];
    return plan.mixes.flatMap((mix, index): Finding[] => {
      const share = mixes.get(mix.id)?.recipe.waterShare ?? 0;
      // A ready recipe is right at its stated ratio: only water added on top is remarked on.
      const stock =
        schoolOf(mix) !== undefined ||
        (mix.medium !== undefined && book.isStock(mix.medium.id) && !mix.waterParts);
      if (share <= noteFrom || stock) return [];
      const dryer = lessWater(mix, recipeOf, noteFrom);
      return [
        {
          severity: share > crazes ? 'may' : 'note',
          about: `/mixes/${index}`,
          message:
            share > crazes
              ? `${mix.name} is so watery that its film may craze and flake.`
              : `${mix.name} holds a lot of water.`,
          advice: `${trim(share * 100, 0)} % of the whole is water; stay below ${trim(noteFrom * 100, 0)} % and thin with medium instead.`,
          numbers: { waterShare: share, noteFrom },
          ...(dryer === undefined
            ? {}
            : {
                fix: {
                  label: `Water down to ${trim(dryer, 2)} parts`,
                  patch: [{ op: 'replace', path: `/mixes/${index}/waterParts`, value: dryer }],
                },
              }),
        },
      ];
    });
  },
};

/** Water is measured in twentieths of the paint. */
const PER_PART = 20;

/**
 * Water parts, in twentieths, that bring the share to the limit; undefined where the medium alone holds too much. Per mL of paint both
 * the water and the whole grow evenly with its parts, so two recipes tell all: (a + k·p) ÷ (b + m·p) = limit.
 */
function lessWater(mix: Mix, recipeOf: (mix: Mix) => Recipe, limit: number): number | undefined {
  const perPaint = (waterParts: number) => {
    const { waterShare, paintShare } = recipeOf({ ...mix, waterParts });
    return { water: waterShare / paintShare, whole: 1 / paintShare };
  };
  const [dry, one] = [perPaint(0), perPaint(1)];
  if (dry.water > limit * dry.whole) return undefined;
  const parts =
    (limit * dry.whole - dry.water) / (one.water - dry.water - limit * (one.whole - dry.whole));
  return Math.floor(parts * PER_PART + 1e-9) / PER_PART;
}
