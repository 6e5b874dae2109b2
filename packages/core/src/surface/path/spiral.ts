import { Type } from '@sinclair/typebox';
import { apart, chordsOfTurn, type PathShape, type Point } from './define';
import { endsOf, spiralMiddle, tenth } from './drawn';
import { Place } from './parts';
import {
  begunAt,
  carriedRound,
  chordsOf,
  endedAt,
  type Round,
  ROUND_NUMBERS,
  ROUND_SCHEMA,
  roundAt,
  roundOf,
  roundWords,
} from './round';

/** Archimedes' spiral: the radius grows, or shrinks, evenly with the angle. */
export type Spiral = {
  kind: 'spiral';
  centreMm: Point;
  fromRadiusMm: number;
  toRadiusMm: number;
} & Round;

const Radius = Type.Number({ minimum: 0, maximum: 5000 });

export const spiral = {
  id: 'spiral',
  title: 'Spiral',
  schema: Type.Object(
    {
      kind: Type.Literal('spiral'),
      centreMm: Place,
      fromRadiusMm: Radius,
      toRadiusMm: Radius,
      ...ROUND_SCHEMA,
    },
    { additionalProperties: false },
  ),
  numbers: {
    fromRadiusMm: { label: 'Begins at radius', min: 0, max: 5000, unit: 'mm' },
    toRadiusMm: { label: 'Ends at radius', min: 0, max: 5000, unit: 'mm' },
    ...ROUND_NUMBERS,
  },
  start: ({ widthMm, heightMm }) => ({
    kind: 'spiral',
    centreMm: [widthMm / 2, heightMm / 2],
    fromRadiusMm: 0,
    toRadiusMm: Math.round(Math.min(widthMm, heightMm) / 4),
    turns: 3,
  }),
  points: (path) => {
    const { fromRadiusMm, toRadiusMm } = path;
    const count = chordsOf(chordsOfTurn(Math.max(fromRadiusMm, toRadiusMm)), path);
    return Array.from({ length: count + 1 }, (_, i) => {
      const share = i / count;
      return roundAt(path, share, fromRadiusMm + (toRadiusMm - fromRadiusMm) * share);
    });
  },
  places: () => ['Middle'],
  handles: (path) => [
    path.centreMm,
    roundAt(path, 0, path.fromRadiusMm),
    roundAt(path, 1, path.toRadiusMm),
  ],
  moved: (path, handle, to) => {
    if (handle === 0) return { ...path, centreMm: to };
    const radius = apart(path.centreMm, to);
    if (handle === 2) return endedAt({ ...path, toRadiusMm: radius }, to);
    // Its end stays where it is.
    const end = roundAt(path, 1, path.toRadiusMm);
    return endedAt(begunAt({ ...path, fromRadiusMm: radius }, to), end);
  },
  fitted: (drawn) => {
    const [from, to] = endsOf(drawn);
    const centreMm = spiralMiddle(drawn);
    return {
      kind: 'spiral',
      centreMm,
      fromRadiusMm: tenth(apart(centreMm, from)),
      toRadiusMm: tenth(apart(centreMm, to)),
      ...roundOf(centreMm, drawn),
    };
  },
  carried: (path, carry) => ({
    ...carriedRound(path, carry),
    fromRadiusMm: carry.length(path.fromRadiusMm),
    toRadiusMm: carry.length(path.toRadiusMm),
  }),
  says: (path) =>
    `in a spiral ${path.toRadiusMm >= path.fromRadiusMm ? 'outward' : 'inward'}, ${tenth(Math.abs(path.turns))} turns${roundWords(path)}`,
} as const satisfies PathShape<Spiral>;
