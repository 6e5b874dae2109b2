import { Type } from '@sinclair/typebox';
import type { PathShape, Point } from './define';
import { endsOf } from './drawn';
import { Place } from './parts';

export type Line = { kind: 'line'; fromMm: Point; toMm: Point };

export const line = {
  id: 'line',
  title: 'Line',
  schema: Type.Object(
    { kind: Type.Literal('line'), fromMm: Place, toMm: Place },
    { additionalProperties: false },
  ),
  numbers: {},
  straight: true,
  start: ({ widthMm, heightMm }) => ({
    kind: 'line',
    fromMm: [0.2 * widthMm, heightMm / 2],
    toMm: [0.8 * widthMm, heightMm / 2],
  }),
  points: ({ fromMm, toMm }) => [fromMm, toMm],
  places: () => ['Begins', 'Ends'],
  handles: ({ fromMm, toMm }) => [fromMm, toMm],
  moved: (path, handle, to) => (handle === 0 ? { ...path, fromMm: to } : { ...path, toMm: to }),
  fitted: (drawn) => {
    const [fromMm, toMm] = endsOf(drawn);
    return { kind: 'line', fromMm, toMm };
  },
  carried: ({ kind, fromMm, toMm }, { place }) => ({
    kind,
    fromMm: place(fromMm),
    toMm: place(toMm),
  }),
  says: () => 'in a straight line',
} as const satisfies PathShape<Line>;
