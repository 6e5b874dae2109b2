import { defineVerb } from './define';
import { placeWords } from './place';

export const spin = defineVerb({
  id: 'spin',
  title: 'Spin',
  fields: {
    aboutMm: { kind: 'point', label: 'About' },
    turnsPerMin: { kind: 'number', label: 'Turns a minute', min: 5, max: 400, usual: 60 },
    counter: { kind: 'yes-no', label: 'The other way round' },
  },
  usualS: 10,
  each: true,
  handsFull: true,
  does: ({ aboutMm, turnsPerMin, s }) => ({ acts: [{ kind: 'spin', aboutMm, turnsPerMin, s }] }),
  says: ({ aboutMm, turnsPerMin, counter }, { widthMm, heightMm }) =>
    `Spin it about ${placeWords(aboutMm, widthMm, heightMm)}${counter ? ', the other way round' : ''}: gather speed to ${Math.round(turnsPerMin)} turns a minute, then let it slow down. Stop when it is good near the edge.`,
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
