import { consistencyOf, stepRank } from '../mix/consistency';
import { letDown } from '../mix/let-down';
import { trim } from '../quantity/show';
import type { Finding, PatchOp, RemarkDefinition } from './evidence';

export const offConsistency: RemarkDefinition = {
  id: 'off-consistency',
  see: ({ plan, mixes, recipeOf, factors }) =>
    plan.mixes.flatMap((mix, index): Finding[] => {
      const viscosityPaS = mixes.get(mix.id)?.recipe.viscosityPaS;
      if (viscosityPaS === undefined) return [];
      const step = consistencyOf(viscosityPaS);
      if (step === mix.consistency) return [];
      const mended = letDown(mix, mix.consistency, recipeOf, factors);
      const patch: PatchOp[] = [];
      if (mended?.medium && mended.medium.parts !== mix.medium?.parts)
        patch.push({
          op: 'replace',
          path: `/mixes/${index}/medium/parts`,
          value: mended.medium.parts,
        });
      if (mended?.waterParts !== undefined && mended.waterParts !== mix.waterParts)
        patch.push({ op: 'add', path: `/mixes/${index}/waterParts`, value: mended.waterParts });
      const ratio = mended?.medium
        ? `1 : ${trim(mended.medium.parts, 2)}${mended.waterParts ? ` with ${trim(mended.waterParts, 2)} water` : ''}`
        : '';
      return [
        {
          severity: 'note',
          about: `/mixes/${index}/consistency`,
          message: `${mix.name} will come out ${step}, ${stepRank(step) > stepRank(mix.consistency) ? 'thicker' : 'thinner'} than the ${mix.consistency} you want.`,
          advice:
            patch.length > 0
              ? `About ${ratio} should reach it; a test with the stick decides.`
              : 'No ratio of this paint and medium reaches it: take another medium, or want another step.',
          numbers: { viscosityPaS },
          ...(patch.length > 0 ? { fix: { label: `Mix it ${ratio}`, patch } } : {}),
        },
      ];
    }),
};
