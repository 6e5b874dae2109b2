import type { Move } from '../verb';
import { defineTechnique } from './define';
import { fromMiddle, halfOf, roundAbout } from './place';
import { ON_BASE, STRETCH_NEEDS, unstretched } from './stretch';

/** Lobes of the usual foot. */
const LOBES = 5;

export const splitFoot = defineTechnique({
  id: 'split-foot',
  name: 'Split-foot flower',
  says: 'Paint is poured over an upturned bottle foot, cut level, and runs off it in lobes; the foot is lifted and each petal is blown outward.',
  shows: 'A flower of five petals, nested bands in each.',
  sights: ['petals'],
  minds: [
    'Cut the foot level and keep its grooves free of base, or one lobe takes all.',
    'A flower is judged petal by petal: turn the foot to even them while it still runs.',
  ],
  needs: {
    ...STRETCH_NEEDS,
    uses: ON_BASE,
    part: 0.6,
    tools: ['A bottle foot, cut level'],
  },
  pins: {
    first: 'contrast',
    last: 'background',
    why: 'What comes first lies outside in every petal.',
  },
  settings: {
    air: {
      kind: 'choice',
      label: 'Petals blown with',
      of: ['mouth', 'straw', 'dryer', 'none'],
      names: { mouth: 'Mouth', straw: 'Straw', dryer: 'Cool dryer', none: 'Not at all' },
    },
  },
  defaults: { air: 'mouth' },
  moves: (stage, { air }) => {
    const reach = Math.round(0.45 * halfOf(stage));
    return unstretched(stage, [
      {
        id: 'foot',
        verb: 'pour',
        cups: [...stage.cups],
        atMm: fromMiddle(stage, 0, 0),
        heightMm: 20,
        lobes: LOBES,
        s: 15 * stage.cups.length,
      },
      ...(air === 'none'
        ? []
        : roundAbout(LOBES).map((deg, i): Move => ({
            id: `petal-${i + 1}`,
            verb: 'blow',
            fromMm: fromMiddle(stage, deg, 30),
            towardDeg: deg,
            reachMm: reach,
            air: air as 'mouth' | 'straw' | 'dryer',
            s: 1.5,
          }))),
    ]);
  },
});
