import type { Move } from '../verb';
import { defineTechnique } from './define';
import { halfOf } from './place';
import { stretch, STRETCH_NEEDS, STRETCH_SETTINGS, STRETCH_USUAL } from './stretch';

export const ringField = defineTechnique({
  id: 'ring-field',
  name: 'Field of ring pours',
  says: 'Several cups, each poured from straight down to small circles in a place of its own; then the paint is stretched.',
  shows: 'A field of flowers: nested rings round each place, pressed against their neighbours.',
  sights: ['rings', 'petals'],
  minds: [
    'Begin high and straight, end low and in circles.',
    'Leave the same room round each: where two meet too soon a straight seam stays.',
  ],
  needs: { ...STRETCH_NEEDS, cups: { least: 3 } },
  pins: {
    first: 'contrast',
    last: 'background',
    why: 'What goes in first comes last: a strong colour in the heart of every flower, the background round it.',
  },
  settings: {
    circleMm: { kind: 'number', label: 'Circles as wide as', min: 4, max: 200, unit: 'mm' },
    ...STRETCH_SETTINGS,
  },
  defaults: { circleMm: 36, ...STRETCH_USUAL },
  moves: (stage, { circleMm, torch, angleDeg, by }) =>
    stretch(
      stage,
      stage.cups.map((cup, i): Move => ({
        id: `rings-${cup}`,
        verb: 'trail',
        cups: [cup],
        way: {
          kind: 'spiral',
          centreMm: [...stage.spots[i]!],
          fromRadiusMm: 0,
          toRadiusMm: Math.round(Math.min(circleMm / 2, 0.4 * halfOf(stage))),
          turns: 5,
        },
        heightMm: 120,
        s: 20,
      })),
      { torch, angleDeg, by },
    ),
});
