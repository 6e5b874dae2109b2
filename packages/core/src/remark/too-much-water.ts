import { trim } from '../quantity/show';
import { schoolOf } from '../mix/school';
import type { Mix } from '../mix/schema';
import type { Recipe } from '../mix/recipe';
import type { Finding, RemarkDefinition } from './evidence';

/** Water as a share of the whole mix: a note above the first, a warning above the second (estimate; makers' cautions differ). */
const NOTE_FROM = 0.25;
const WARN_FROM = 0.35;

export const tooMuchWater: RemarkDefinition = {
  id: 'too-much-water',
  see: ({ plan, mixes, book, recipeOf }) =>
    plan.mixes.flatMap((mix, index): Finding[] => {
      const share = mixes.get(mix.id)?.recipe.waterShare ?? 0;
      // A ready recipe is right at its stated ratio: only water added on top is remarked on.
      const stock =
        schoolOf(mix) !== undefined ||
        (mix.medium !== undefined && book.isStock(mix.medium.id) && !mix.waterParts);
      if (share <= NOTE_FROM || stock) return [];
      const dryer = lessWater(mix, recipeOf);
      return [
        {
          severity: share > WARN_FROM ? 'may' : 'note',
          about: `/mixes/${index}`,
          message:
            share > WARN_FROM
              ? `${mix.name} is so watery that its film may craze and flake.`
              : `${mix.name} holds a lot of water.`,
          advice: `${trim(share * 100, 0)} % of the whole is water; stay below ${NOTE_FROM * 100} % and thin with medium instead.`,
          numbers: { waterShare: share, noteFrom: NOTE_FROM },
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
    }),
};

/** Water is measured in twentieths of the paint. */
const PER_PART = 20;

/**
 * Water parts, in twentieths, that bring the share to the limit; undefined where the medium alone holds too much. Per mL of paint both
 * the water and the whole grow evenly with its parts, so two recipes tell all: (a + k·p) ÷ (b + m·p) = limit.
 */
function lessWater(mix: Mix, recipeOf: (mix: Mix) => Recipe): number | undefined {
  const perPaint = (waterParts: number) => {
    const { waterShare, paintShare } = recipeOf({ ...mix, waterParts });
    return { water: waterShare / paintShare, whole: 1 / paintShare };
  };
  const [dry, one] = [perPaint(0), perPaint(1)];
  if (dry.water > NOTE_FROM * dry.whole) return undefined;
  const parts =
    (NOTE_FROM * dry.whole - dry.water) /
    (one.water - dry.water - NOTE_FROM * (one.whole - dry.whole));
  return Math.floor(parts * PER_PART + 1e-9) / PER_PART;
}
