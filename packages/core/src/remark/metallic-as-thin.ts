import { CONSISTENCIES, consistencyOf, stepRank } from '../mix/consistency';
import { letDown } from '../mix/let-down';
import { isMetallic } from '../paint/property';
import { trim } from '../quantity/show';
import type { Finding, RemarkDefinition } from './evidence';

export const metallicAsThin: RemarkDefinition = {
  id: 'metallic-as-thin',
  see: ({ plan, mixes, paintOf, recipeOf, factors }) => {
    // Who keeps metals like the rest has decided, and for a reason.
    if (plan.metallics === 'alike') return [];
    const rank = (id: string) => stepRank(consistencyOf(mixes.get(id)?.recipe.viscosityPaS ?? 1));
    const metallic = (id: string) =>
      plan.mixes
        .find((m) => m.id === id)
        ?.paints.some((p) => isMetallic(paintOf(p.paint).finish)) ?? false;
    const poured = plan.budget.shares.filter((s) => s.share > 0).map((s) => s.mix);
    const rest = poured.filter((id) => !metallic(id)).map(rank);
    if (rest.length === 0) return [];
    const usual = [...rest].sort((a, b) => a - b)[Math.floor(rest.length / 2)] ?? 0;
    return plan.mixes.flatMap((mix, index): Finding[] => {
      if (!poured.includes(mix.id) || !metallic(mix.id) || rank(mix.id) > usual) return [];
      const step = CONSISTENCIES[usual + 1]?.step;
      const thicker = step ? letDown(mix, step, recipeOf, factors) : undefined;
      return [
        {
          severity: 'note',
          about: `/mixes/${index}`,
          message: `${mix.name} may vanish: it is as thin as the rest.`,
          advice: thicker?.medium
            ? `One school keeps metals a step thicker, ${trim(thicker.medium.parts, 2)} parts of medium; another pours all alike, for cells.`
            : 'One school keeps metals a step thicker; another pours all alike, for cells.',
          numbers: { viscosityPaS: mixes.get(mix.id)?.recipe.viscosityPaS ?? 0 },
          ...(thicker?.medium && step
            ? {
                fix: {
                  label: 'Thicken it',
                  patch: [
                    {
                      op: 'replace',
                      path: `/mixes/${index}/medium/parts`,
                      value: thicker.medium.parts,
                    },
                    { op: 'replace', path: `/mixes/${index}/consistency`, value: step },
                  ],
                },
              }
            : {}),
        },
      ];
    });
  },
};
