import { directionWords } from './place';
import { defineVerb } from './verb';

export const tilt = defineVerb({
  verb: 'tilt',
  title: 'Tilt',
  fields: {
    towardDeg: { kind: 'number', label: 'Down toward', min: -360, max: 360, unit: 'deg', usual: 0 },
    angleDeg: { kind: 'number', label: 'Angle', min: 0, max: 60, unit: 'deg', usual: 9 },
  },
  usualS: 14,
  each: true,
  care: [],
  flows: ({ towardDeg, angleDeg, s }) => [{ kind: 'tilt', towardDeg, angleDeg, s }],
  says: (move) => `Tilt about ${move.angleDeg}° down to the ${directionWords(move.towardDeg)}.`,
});
