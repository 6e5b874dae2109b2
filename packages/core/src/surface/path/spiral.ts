import { Type } from '@sinclair/typebox';
import { apart, chordsOfTurn, type PathShape, type Point } from './define';
import { endsOf, spiralMiddle, tenth, turnsAbout } from './drawn';
import { Place } from './parts';

/** Archimedes' spiral: the radius grows, or shrinks, evenly with the angle. */
export type Spiral = {
  kind: 'spiral';
  centreMm: Point;
  fromRadiusMm: number;
  toRadiusMm: number;
  turns: number;
};

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
      turns: Type.Number({ minimum: 0.1, maximum: 100 }),
    },
    { additionalProperties: false },
  ),
  numbers: {
    fromRadiusMm: { label: 'Begins at radius', min: 0, max: 5000, unit: 'mm' },
    toRadiusMm: { label: 'Ends at radius', min: 0, max: 5000, unit: 'mm' },
    turns: { label: 'Turns', min: 0.1, max: 100 },
  },
  start: ({ widthMm, heightMm }) => ({
    kind: 'spiral',
    centreMm: [widthMm / 2, heightMm / 2],
    fromRadiusMm: 0,
    toRadiusMm: Math.round(Math.min(widthMm, heightMm) / 4),
    turns: 3,
  }),
  points: ({ centreMm: [x, y], fromRadiusMm, toRadiusMm, turns }) => {
    const count = Math.ceil(chordsOfTurn(Math.max(fromRadiusMm, toRadiusMm)) * turns);
    return Array.from({ length: count + 1 }, (_, i): Point => {
      const share = i / count;
      const a = 2 * Math.PI * turns * share;
      const r = fromRadiusMm + (toRadiusMm - fromRadiusMm) * share;
      return [x + r * Math.cos(a), y + r * Math.sin(a)];
    });
  },
  places: () => ['Middle'],
  handles: ({ centreMm: [x, y], fromRadiusMm, toRadiusMm }) => [
    [x, y],
    [x + fromRadiusMm, y],
    [x, y + toRadiusMm],
  ],
  moved: (path, handle, to) => {
    if (handle === 0) return { ...path, centreMm: to };
    const radius = apart(path.centreMm, to);
    return handle === 1 ? { ...path, fromRadiusMm: radius } : { ...path, toRadiusMm: radius };
  },
  fitted: (drawn) => {
    const [from, to] = endsOf(drawn);
    const centreMm = spiralMiddle(drawn);
    const turns = Math.round(4 * turnsAbout(centreMm, drawn)) / 4;
    return {
      kind: 'spiral',
      centreMm,
      fromRadiusMm: tenth(apart(centreMm, from)),
      toRadiusMm: tenth(apart(centreMm, to)),
      turns: Math.max(0.5, turns),
    };
  },
  carried: (path, { place, length }) => ({
    ...path,
    centreMm: place(path.centreMm),
    fromRadiusMm: length(path.fromRadiusMm),
    toRadiusMm: length(path.toRadiusMm),
  }),
  says: ({ fromRadiusMm, toRadiusMm, turns }) =>
    `in a spiral ${toRadiusMm >= fromRadiusMm ? 'outward' : 'inward'}, ${turns} turns`,
} as const satisfies PathShape<Spiral>;
