import { defineTechnique } from './define';
import { halfOf } from './place';
import { stretch, STRETCH_NEEDS, STRETCH_SETTINGS, STRETCH_USUAL } from './stretch';

export const ringPour = defineTechnique({
  id: 'ring-pour',
  name: 'Ring pour',
  says: 'A layered cup is poured in a thin stream in small circles, close to the surface; then the paint is stretched a little.',
  shows: 'Rings like the grain of a tree, bent where the tilt takes them.',
  sights: ['rings'],
  minds: [
    'Keep the stream thin and even, and the circles small: large ones leave a hole in the middle.',
    'Tilt little and late: rings that are carried far break up.',
  ],
  needs: { ...STRETCH_NEEDS, tools: [] },
  pins: {
    first: 'background',
    last: 'contrast',
    why: 'What goes in first comes last and lies in the middle; the strongest contrast goes in last and lies outside.',
  },
  settings: {
    circleMm: { kind: 'number', label: 'Circles as wide as', min: 4, max: 400, unit: 'mm' },
    turns: { kind: 'number', label: 'Circles', min: 1, max: 60 },
    ...STRETCH_SETTINGS,
  },
  defaults: { circleMm: 40, turns: 10, ...STRETCH_USUAL, torch: 'none', angleDeg: 6 },
  moves: (stage, { circleMm, turns, torch, angleDeg, by }) =>
    stretch(
      stage,
      [
        {
          id: 'rings',
          verb: 'trail',
          cups: [...stage.cups],
          way: {
            kind: 'ring',
            centreMm: [...stage.middle],
            radiusMm: Math.round(Math.min(circleMm / 2, 0.5 * halfOf(stage))),
            turns,
          },
          heightMm: 20,
          s: 30 * stage.cups.length,
        },
      ],
      { torch, angleDeg, by },
    ),
});
