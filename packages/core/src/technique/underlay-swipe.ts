import type { Move } from '../verb';
import { defineTechnique } from './define';
import { spun } from './laid';
import { fromMiddle, halfOf, roundAbout } from './place';
import { unstretched } from './stretch';
import { bands, SWIPE_SETTINGS, SWIPE_USES, SWIPE_USUAL, swipes } from './swipe-strokes';

/** Strokes that spread what lies under the bands. */
const OUTWARD = 4;

export const underlaySwipe = defineTechnique({
  id: 'underlay-swipe',
  name: 'Interference underlay swipe',
  says: 'A pearl is stroked outward over dark ground, bands of transparent colours are laid on it, only these are activated and swiped, then it is spun.',
  shows: 'Coloured veils over a shimmer that comes up anywhere, for the pearl lies everywhere.',
  sights: ['cells', 'lace'],
  minds: [
    'Stroke the pearl out to the edges first: any spot of it may come up.',
    'Bands of a spun piece are smaller: spinning carries paint off.',
    'Activate only the bands.',
  ],
  needs: {
    part: 0.5,
    consistency: 'medium',
    uses: SWIPE_USES,
    loading: 'single',
    cups: { least: 3 },
    tools: [
      'A damp towel, and a sheet as wide as the bands',
      'A turntable with blocks that hold the piece, in a splash basin',
    ],
  },
  pins: {
    first: 'contrast',
    last: 'background',
    why: 'The first cup is what lies under all the others.',
  },
  settings: {
    ...SWIPE_SETTINGS,
    turnsPerMin: { kind: 'number', label: 'Spin, turns a minute', min: 0, max: 200 },
  },
  defaults: { ...SWIPE_USUAL, turnsPerMin: 50 },
  moves: (stage, { turnsPerMin, ...wishes }) => {
    const [under, ...over] = stage.cups;
    const atMm = fromMiddle(stage, 0, 0);
    return unstretched(stage, [
      ...(under === undefined
        ? []
        : [
            {
              id: 'underlay',
              verb: 'pour' as const,
              cups: [under],
              atMm,
              heightMm: 15,
              s: 8,
            },
            ...roundAbout(OUTWARD, 45).map((deg, i): Move => ({
              id: `outward-${i + 1}`,
              verb: 'swipe',
              fromMm: atMm,
              towardDeg: deg,
              lengthMm: Math.round(0.9 * halfOf(stage)),
              widthMm: Math.round(0.9 * halfOf(stage)),
              tool: 'towel',
              s: 8,
            })),
          ]),
      ...bands(stage, over),
      ...swipes(stage, wishes),
      ...spun(stage, turnsPerMin, 8),
    ]);
  },
});
