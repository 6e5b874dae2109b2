import { Type } from '@sinclair/typebox';
import type { PathShape, Point } from './define';
import { smoothed, thinned } from './smooth';
import { Place } from './parts';

/** A way drawn by hand, as the points a smooth line goes through. */
export type Free = { kind: 'free'; pointsMm: Point[] };

export const free = {
  id: 'free',
  title: 'Free',
  schema: Type.Object(
    {
      kind: Type.Literal('free'),
      pointsMm: Type.Array(Place, { minItems: 2, maxItems: 400 }),
    },
    { additionalProperties: false },
  ),
  numbers: {},
  start: ({ widthMm, heightMm }) => ({
    kind: 'free',
    pointsMm: [
      [0.2 * widthMm, 0.7 * heightMm],
      [0.4 * widthMm, 0.3 * heightMm],
      [0.6 * widthMm, 0.6 * heightMm],
      [0.8 * widthMm, 0.3 * heightMm],
    ],
  }),
  points: ({ pointsMm }) => smoothed(pointsMm),
  places: ({ pointsMm }) => pointsMm.map((_, i) => `Point ${i + 1}`),
  handles: ({ pointsMm }) => pointsMm,
  moved: (path, handle, to) => ({
    ...path,
    pointsMm: path.pointsMm.map((p, i) => (i === handle ? to : p)),
  }),
  fitted: (drawn) => ({ kind: 'free', pointsMm: thinned(drawn) }),
  carried: (path, { place }) => ({ ...path, pointsMm: path.pointsMm.map(place) }),
  says: () => 'as it is drawn',
} as const satisfies PathShape<Free>;
