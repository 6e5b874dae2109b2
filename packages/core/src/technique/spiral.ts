import { defineTechnique } from './define';
import { spun } from './laid';
import { halfOf } from './place';
import { STRETCH_NEEDS, unstretched } from './stretch';

export const spiral = defineTechnique({
  id: 'spiral',
  name: 'Spiral on the spinner',
  says: 'The piece turns slowly by hand while a layered cup is poured fast, from outside in; then it is spun so that the paint runs out.',
  shows: 'One wound band of all colours, drawn out to the edge.',
  sights: ['rings', 'ribbons'],
  minds: [
    'Turn slowly: a fast turn looks like rings, not like a spiral.',
    'Spinning carries paint off: stop when it is good near the edge.',
    'The piece must not fly off, and moving it to another turntable is the riskiest moment.',
  ],
  needs: {
    ...STRETCH_NEEDS,
    consistency: 'flowing',
    tools: ['A turntable with blocks that hold the piece, in a splash basin'],
  },
  pins: {
    first: 'background',
    last: 'contrast',
    why: 'Spirals put the background in first, so that it ends in the middle, and the strongest contrast last.',
  },
  settings: {
    // Handbook 6: about one and a half turns at the end (common practice, no published source).
    turns: { kind: 'number', label: 'Turns while pouring', min: 0.5, max: 12 },
    turnsPerMin: { kind: 'number', label: 'Spin, turns a minute', min: 10, max: 200 },
    spinS: { kind: 'number', label: 'Spin for', min: 0, max: 120, unit: 's' },
  },
  defaults: { turns: 1.5, turnsPerMin: 60, spinS: 10 },
  moves: (stage, { turns, turnsPerMin, spinS }) =>
    unstretched(stage, [
      {
        id: 'spiral',
        verb: 'trail',
        cups: [...stage.cups],
        way: {
          kind: 'spiral',
          centreMm: [...stage.middle],
          fromRadiusMm: Math.round(0.45 * halfOf(stage)),
          toRadiusMm: 0,
          turns,
        },
        heightMm: 40,
        s: 20 * stage.cups.length,
        note: 'The hand goes straight in while the table turns.',
      },
      ...spun(stage, turnsPerMin, spinS),
    ]),
});
