import { defineVerb } from './define';
import { directionWords } from './place';

export const tilt = defineVerb({
  id: 'tilt',
  title: 'Tilt',
  fields: {
    towardDeg: { kind: 'number', label: 'Down toward', min: -360, max: 360, unit: 'deg', usual: 0 },
    angleDeg: { kind: 'number', label: 'Angle', min: 0, max: 60, unit: 'deg', usual: 9 },
  },
  usualS: 14,
  paced: 'length',
  each: true,
  handsFull: true,
  sheds: ({ towardDeg }) => towardDeg,
  does: ({ towardDeg, angleDeg, s }) => ({ acts: [{ kind: 'tilt', towardDeg, angleDeg, s }] }),
  says: (move) => `Tilt about ${move.angleDeg}° down to the ${directionWords(move.towardDeg)}.`,
  // Handbook 6: go slowly, bring the weight back each time.
  until: () => 'Good once paint is over the edge there; then level, before it runs back thin.',
  inShort: ({ towardDeg }) => directionWords(towardDeg),
  // From the middle toward the side that goes down; how steep is told in figures.
  aim: {
    label: 'Down toward',
    of: ({ towardDeg }, { widthMm, heightMm }) => ({
      fromMm: [widthMm / 2, heightMm / 2],
      deg: towardDeg,
      mm: 0.36 * Math.min(widthMm, heightMm),
    }),
    to: (_, deg) => ({ towardDeg: deg }),
  },
  marks: ({ towardDeg }) => [{ kind: 'wedge', towardDeg }],
});
