import { Type } from '@sinclair/typebox';
import { apart, chordsOfTurn, type PathShape, type Point } from './define';
import { middleOf, tenth, turnsAbout } from './drawn';
import { Place } from './parts';

export type RingPath = { kind: 'ring'; centreMm: Point; radiusMm: number; turns: number };

export const ring = {
  id: 'ring',
  title: 'Ring',
  schema: Type.Object(
    {
      kind: Type.Literal('ring'),
      centreMm: Place,
      radiusMm: Type.Number({ minimum: 1, maximum: 5000 }),
      turns: Type.Number({ minimum: 0.1, maximum: 100 }),
    },
    { additionalProperties: false },
  ),
  numbers: {
    radiusMm: { label: 'Radius', min: 1, max: 5000, unit: 'mm' },
    turns: { label: 'Turns', min: 0.1, max: 100 },
  },
  start: ({ widthMm, heightMm }) => ({
    kind: 'ring',
    centreMm: [widthMm / 2, heightMm / 2],
    radiusMm: Math.max(1, Math.round(Math.min(widthMm, heightMm) / 6)),
    turns: 1,
  }),
  points: ({ centreMm: [x, y], radiusMm, turns }) => {
    const count = Math.ceil(chordsOfTurn(radiusMm) * turns);
    return Array.from({ length: count + 1 }, (_, i): Point => {
      const a = (2 * Math.PI * turns * i) / count;
      return [x + radiusMm * Math.cos(a), y + radiusMm * Math.sin(a)];
    });
  },
  places: () => ['Middle'],
  handles: ({ centreMm, radiusMm }) => [centreMm, [centreMm[0] + radiusMm, centreMm[1]]],
  moved: (path, handle, to) =>
    handle === 0
      ? { ...path, centreMm: to }
      : { ...path, radiusMm: Math.max(1, apart(path.centreMm, to)) },
  fitted: (drawn) => {
    const centreMm = middleOf(drawn);
    const mean = drawn.reduce((sum, p) => sum + apart(centreMm, p), 0) / drawn.length;
    return {
      kind: 'ring',
      centreMm,
      radiusMm: Math.max(1, tenth(mean)),
      // Nearly round is meant to be round.
      turns: Math.max(1, Math.round(turnsAbout(centreMm, drawn))),
    };
  },
  carried: (path, { place, length }) => ({
    ...path,
    centreMm: place(path.centreMm),
    radiusMm: Math.max(1, length(path.radiusMm)),
  }),
  says: ({ radiusMm, turns }) =>
    `in a ring ${Math.round(2 * radiusMm)} mm across, ${turns === 1 ? 'once' : `${turns} times`} round`,
} as const satisfies PathShape<RingPath>;
