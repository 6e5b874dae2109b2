import type { Factors } from '../factor';
import { hexToLab } from '../optics/lab';
import type { Finish } from '../paint/schema';
import type { Finding, RemarkDefinition } from './evidence';
import { prime } from './prime';

/** What a finish asks of its ground (handbook 3, common practice, no published source). */
const wants = (finish: Finish, groundL: number, factors: Factors) => {
  if ((finish === 'pearl' || finish === 'interference') && groundL >= factors['pale-ground'])
    return {
      message: 'hardly shows over a pale ground.',
      advice:
        'It turns with the light over a dark one: prime it black, or see that it lies over a dark colour, with a transparent swipe above.',
      ground: 'black',
    } as const;
  if (finish === 'neon' && groundL <= factors['dark-ground'])
    return {
      message: 'dulls over a dark ground.',
      advice:
        'Neons are mostly transparent and glow by what is white below: prime it white, or see that it lies over a pale colour.',
      ground: 'white',
    } as const;
  return undefined;
};

/** Pearls and neons over the wrong ground: no film computed here can show it, so it is only said. */
export const groundAndFinish: RemarkDefinition = {
  id: 'ground-and-finish',
  see: ({ plan, mixes, paintOf, factors }) =>
    plan.mixes.flatMap((mix, index): Finding[] => {
      const most = [...mix.paints].sort((a, b) => b.parts - a.parts)[0];
      const result = mixes.get(mix.id);
      if (!most || !result) return [];
      const groundL = hexToLab(result.groundHex)[0];
      const wanted = wants(paintOf(most.paint).finish, groundL, factors);
      if (!wanted) return [];
      const bare = !plan.budget.pots.some((p) => p.use === 'base');
      return [
        {
          severity: 'note',
          about: `/mixes/${index}`,
          message: `${mix.name} ${wanted.message}`,
          advice: wanted.advice,
          numbers: { groundL },
          ...(bare ? { fix: prime(wanted.ground) } : {}),
        },
      ];
    }),
};
