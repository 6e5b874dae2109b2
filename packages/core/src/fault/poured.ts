import { isMetallic } from '../paint/property';
import type { Evidence } from '../remark';

/** A mix that is poured, with what a fault may come of. */
export interface Poured {
  readonly mix: string;
  readonly viscosityPaS: number;
  readonly densityGPerMl: number;
  readonly waterShare: number;
  readonly finishes: readonly string[];
  readonly metallic: boolean;
}

/** The mixes that take part in the pour: those with a share, or a pot. */
export const poured = ({ plan, mixes, paintOf }: Evidence): Poured[] =>
  plan.mixes.flatMap(({ id, paints }) => {
    const recipe = mixes.get(id)?.recipe;
    const used =
      plan.budget.shares.some(({ mix, share }) => mix === id && share > 0) ||
      plan.budget.pots.some(({ mix }) => mix === id);
    return recipe && used
      ? [
          {
            mix: id,
            viscosityPaS: recipe.viscosityPaS,
            densityGPerMl: recipe.densityGPerMl,
            waterShare: recipe.waterShare,
            finishes: paints.map(({ paint }) => paintOf(paint).finish),
            metallic: paints.some(({ paint }) => isMetallic(paintOf(paint).finish)),
          },
        ]
      : [];
  });
