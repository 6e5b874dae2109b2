import { defineVerb } from './define';
import { directionWords, placeWords } from './place';

export const spin = defineVerb({
  id: 'spin',
  title: 'Spin',
  fields: {
    aboutMm: { kind: 'point', label: 'About' },
    turnsPerMin: { kind: 'number', label: 'Turns a minute', min: 5, max: 400, usual: 60 },
    /** Of the plate, as the piece lies on it; absent where it is level. */
    leanDeg: {
      kind: 'number',
      label: 'Plate leans by',
      min: 0,
      max: 10,
      unit: 'deg',
      optional: true,
    },
    lowDeg: {
      kind: 'number',
      label: 'Low toward',
      min: -360,
      max: 360,
      unit: 'deg',
      usual: 0,
      optional: true,
    },
    counter: { kind: 'yes-no', label: 'The other way round' },
  },
  usualS: 10,
  each: true,
  handsFull: true,
  does: ({ aboutMm, turnsPerMin, s, leanDeg, lowDeg = 0 }) => ({
    acts: [{ kind: 'spin', aboutMm, turnsPerMin, s, ...(leanDeg ? { leanDeg, lowDeg } : {}) }],
  }),
  says: ({ aboutMm, turnsPerMin, counter, leanDeg, lowDeg = 0 }, { widthMm, heightMm }) =>
    `Spin it about ${placeWords(aboutMm, widthMm, heightMm)}${counter ? ', the other way round' : ''}: gather speed to ${Math.round(turnsPerMin)} turns a minute, then let it slow down. Stop when it is good near the edge.${leanDeg ? ` The plate leans toward the ${directionWords(lowDeg)}: the design goes that way as long as it turns.` : ''}`,
  // Emslie, Bonner and Peck 1958: h = h0 ÷ √(1 + 4 ω² h0² t ÷ 3ν), wherever the middle is.
  thinsTo: ({ turnsPerMin, s }, filmMm, nu) => {
    const [h, omega] = [filmMm / 1000, (2 * Math.PI * turnsPerMin) / 60];
    return filmMm / Math.sqrt(1 + (4 * omega * omega * h * h * s) / (3 * nu));
  },
  gentler: ({ s }, filmMm, nu, leavesMm) => {
    const h = filmMm / 1000;
    const omega = Math.sqrt((((filmMm / leavesMm) ** 2 - 1) * 3 * nu) / (4 * h * h * s));
    return { turnsPerMin: Math.max(5, Math.floor((omega * 60) / (2 * Math.PI))) };
  },
  wants: () => 'turntable',
  ready: () =>
    'The piece is fixed on the turntable so that it cannot fly off, level, in a splash basin.',
  marks: ({ aboutMm, counter }, { widthMm, heightMm }) => [
    {
      kind: 'arc',
      aboutMm,
      rMm: Math.min(widthMm, heightMm) / 3,
      sweepDeg: counter ? -270 : 270,
    },
  ],
});
