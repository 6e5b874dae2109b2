import { defineTechnique } from './define';
import { halfOf } from './place';
import { ON_BASE, STRETCH_NEEDS, unstretched } from './stretch';

export const wiggle = defineTechnique({
  id: 'travelling-wiggle',
  name: 'Travelling wiggle',
  says: 'A cup of thick layers is moved across while it is shaken from side to side, on to the edge and over it.',
  shows: 'One broad ribbon of feathered bands across the piece, calm ground on both sides.',
  sights: ['ribbons', 'calm'],
  minds: [
    'Thick mixes: too thin, and the bands blend.',
    'Turn off the edge, never on the face: a corner in the ribbon is seen first of all.',
    'Two tracks laid beside each other leave a straight seam where they meet.',
  ],
  needs: {
    ...STRETCH_NEEDS,
    part: 0.8,
    consistency: 'thick',
    uses: ON_BASE,
  },
  pins: {
    first: 'contrast',
    last: 'contrast',
    why: 'Wiggles often have the same strong colour first and last: it draws both edges of the ribbon.',
  },
  settings: {
    swingMm: { kind: 'number', label: 'Swing to each side', min: 3, max: 400, unit: 'mm' },
    waveMm: { kind: 'number', label: 'From swing to swing', min: 5, max: 200, unit: 'mm' },
  },
  defaults: { swingMm: 45, waveMm: 22 },
  moves: (stage, { swingMm, waveMm }) => {
    const { widthMm, heightMm } = stage;
    const middle = Math.round(heightMm / 2);
    return unstretched(stage, [
      {
        id: 'wiggle',
        verb: 'trail',
        cups: [...stage.cups],
        way: {
          kind: 'wiggle',
          fromMm: [Math.round(0.06 * widthMm), middle],
          toMm: [Math.round(widthMm), middle],
          swingMm: Math.round(Math.min(swingMm, 0.6 * halfOf(stage))),
          waveMm,
        },
        heightMm: 30,
        s: 25 * stage.cups.length,
      },
    ]);
  },
});
