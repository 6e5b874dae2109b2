import type { Move } from '../verb';
import { defineTechnique } from './define';
import { activated, spun } from './laid';
import { fromMiddle, halfOf, roundAbout } from './place';
import { KEEP, unstretched } from './stretch';

export const bloom = defineTechnique({
  id: 'bloom',
  name: 'Bloom',
  says: 'On a thick wet pillow the colours lie in a small puddle with activator on top; it is blown outward all round, then spun slowly.',
  shows: 'A flower of petals with lacing along them, on calm ground.',
  sights: ['petals', 'lace', 'calm', 'cells'],
  minds: [
    'Not twice in one place: the second breath lifts the pillow.',
    'The activator leaves no mound, or it lies on the colours instead of opening them.',
    'Spin slowly and stop when good cells come near the edge.',
  ],
  needs: {
    part: 0.25,
    consistency: 'flowing',
    uses: [
      { use: 'base', school: 'pillow', overBase: { filmMm: 1.5 }, inAll: { filmMm: 1.5 } },
      {
        use: 'activator',
        school: 'activator-dark',
        of: 'darkest',
        overBase: { ml: 4 },
        inAll: { ml: 4 },
      },
      KEEP,
    ],
    loading: 'single',
    cups: { least: 1 },
    tools: ['A turntable with blocks that hold the piece, in a splash basin'],
  },
  pins: {
    first: 'background',
    last: 'contrast',
    why: 'Blooms end with the colour that suits the activator: it lies right under it.',
  },
  settings: {
    petals: { kind: 'number', label: 'Breaths all round', min: 3, max: 24 },
    air: {
      kind: 'choice',
      label: 'Blown with',
      of: ['mouth', 'straw', 'dryer'],
      names: { mouth: 'Mouth', straw: 'Straw', dryer: 'Cool dryer' },
    },
    reachMm: { kind: 'number', label: 'Blown as far as', min: 20, max: 400, unit: 'mm' },
    turnsPerMin: { kind: 'number', label: 'Spin, turns a minute', min: 0, max: 200 },
  },
  defaults: { petals: 9, air: 'mouth', reachMm: 110, turnsPerMin: 60 },
  moves: (stage, { petals, air, reachMm, turnsPerMin }) => {
    const atMm = fromMiddle(stage, 0, 0);
    return unstretched(stage, [
      ...stage.cups.map((cup): Move => ({
        id: `puddle-${cup}`,
        verb: 'pour',
        cups: [cup],
        atMm,
        heightMm: 15,
        s: 8,
      })),
      ...activated(stage, { kind: 'ring', centreMm: atMm, radiusMm: 4, turns: 2 }, 16, 6),
      ...roundAbout(Math.round(petals)).map((deg, i): Move => ({
        id: `breath-${i + 1}`,
        verb: 'blow',
        fromMm: fromMiddle(stage, deg, 12),
        towardDeg: deg,
        reachMm: Math.round(Math.min(reachMm, 0.7 * halfOf(stage))),
        air: air as 'mouth' | 'straw' | 'dryer',
        s: 2.5,
      })),
      ...spun(stage, turnsPerMin, 8),
    ]);
  },
});
