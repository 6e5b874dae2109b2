import { Type } from '@sinclair/typebox';
import { apart, chordsOfTurn, type PathShape, type Point } from './define';
import { middleOf, tenth } from './drawn';
import { Place } from './parts';
import {
  begunAt,
  carriedRound,
  chordsOf,
  type Round,
  ROUND_NUMBERS,
  ROUND_SCHEMA,
  roundAt,
  roundOf,
  roundWords,
} from './round';

export type RingPath = { kind: 'ring'; centreMm: Point; radiusMm: number } & Round;

export const ring = {
  id: 'ring',
  title: 'Ring',
  schema: Type.Object(
    {
      kind: Type.Literal('ring'),
      centreMm: Place,
      radiusMm: Type.Number({ minimum: 1, maximum: 5000 }),
      ...ROUND_SCHEMA,
    },
    { additionalProperties: false },
  ),
  numbers: {
    radiusMm: { label: 'Radius', min: 1, max: 5000, unit: 'mm' },
    ...ROUND_NUMBERS,
  },
  start: ({ widthMm, heightMm }) => ({
    kind: 'ring',
    centreMm: [widthMm / 2, heightMm / 2],
    radiusMm: Math.max(1, Math.round(Math.min(widthMm, heightMm) / 6)),
    turns: 1,
  }),
  points: (path) => {
    const count = chordsOf(chordsOfTurn(path.radiusMm), path);
    return Array.from({ length: count + 1 }, (_, i) => roundAt(path, i / count, path.radiusMm));
  },
  places: () => ['Middle'],
  handles: (path) => [path.centreMm, roundAt(path, 0, path.radiusMm)],
  moved: (path, handle, to) =>
    handle === 0
      ? { ...path, centreMm: to }
      : begunAt({ ...path, radiusMm: Math.max(1, apart(path.centreMm, to)) }, to),
  fitted: (drawn) => {
    const centreMm = middleOf(drawn);
    const mean = drawn.reduce((sum, p) => sum + apart(centreMm, p), 0) / drawn.length;
    const round = roundOf(centreMm, drawn);
    return {
      kind: 'ring',
      centreMm,
      radiusMm: Math.max(1, tenth(mean)),
      ...round,
      // Nearly round is meant to be round.
      turns: Math.sign(round.turns || 1) * Math.max(1, Math.round(Math.abs(round.turns))),
    };
  },
  carried: (path, carry) => ({
    ...carriedRound(path, carry),
    radiusMm: Math.max(1, carry.length(path.radiusMm)),
  }),
  says: (path) => {
    const times = Math.abs(path.turns);
    return `in a ring ${Math.round(2 * path.radiusMm)} mm across, ${times === 1 ? 'once' : `${tenth(times)} times`} round${roundWords(path)}`;
  },
} as const satisfies PathShape<RingPath>;
