import { deltaE2000 } from '../optics/delta-e';
import { hexToLab } from '../optics/lab';
import { isMetallic } from '../paint/property';
import { trim } from '../quantity/show';
import type { Finding, RemarkDefinition } from './evidence';
import { prime } from './prime';

export const vanishesOverDark: RemarkDefinition = {
  id: 'vanishes-over-dark',
  see: ({ plan, mixes, paintOf, factors }) =>
    plan.mixes.flatMap((mix, index): Finding[] => {
      const result = mixes.get(mix.id);
      const poured = plan.budget.shares.some((s) => s.mix === mix.id && s.share > 0);
      if (
        !result ||
        !poured ||
        // What shimmers wants a dark ground, and no film computed here shows how it lights up there.
        mix.paints.some(({ paint }) => isMetallic(paintOf(paint).finish)) ||
        result.film.class === 'opaque' ||
        result.film.class === 'semi-opaque'
      )
        return [];
      const ground = hexToLab(result.groundHex);
      const masstone = hexToLab(result.masstoneHex);
      const deltaE = deltaE2000(hexToLab(result.overGroundHex), ground);
      // A dark colour over a dark ground is not lost by being clear: it would not have shown anyway.
      if (
        ground[0] >= factors['dark-ground'] ||
        deltaE >=
          Math.max(
            factors['seen-across-a-room'],
            factors['colour-kept'] * deltaE2000(masstone, ground),
          ) ||
        masstone[0] < ground[0] + 5
      )
        return [];
      const onlyGround = !plan.budget.pots.some((p) => p.use === 'base');
      return [
        {
          severity: 'may',
          about: `/mixes/${index}`,
          message: `${mix.name} disappears: it is ${result.film.class} and what lies under it is dark.`,
          advice: `Its film of ${trim(result.film.filmUm, 0)} µm changes the dark ground by a mere ${trim(deltaE, 1)}; pour it over white, or stir some white in.`,
          numbers: { deltaE, filmUm: result.film.filmUm, reserve: result.film.reserve },
          ...(onlyGround ? { fix: prime('white') } : {}),
        },
      ];
    }),
};
