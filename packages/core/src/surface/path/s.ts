import { Type } from '@sinclair/typebox';
import { apart, type PathShape, type Point } from './define';
import { beside, MOST_SWING_MM, waveMoved } from './wave';
import { endsOf, swingsOf } from './drawn';
import { Place } from './parts';

/** One swing to either side: a sine of one wave from end to end. */
export type SPath = { kind: 's'; fromMm: Point; toMm: Point; swingMm: number };

const CHORDS = 48;

/** It is a wave as long as itself. */
const asWave = (path: SPath) => ({ ...path, waveMm: apart(path.fromMm, path.toMm) });

export const s = {
  id: 's',
  title: 'S',
  schema: Type.Object(
    {
      kind: Type.Literal('s'),
      fromMm: Place,
      toMm: Place,
      swingMm: Type.Number({ minimum: -MOST_SWING_MM, maximum: MOST_SWING_MM }),
    },
    { additionalProperties: false },
  ),
  numbers: {
    swingMm: {
      label: 'Swing, to the left first',
      min: -MOST_SWING_MM,
      max: MOST_SWING_MM,
      unit: 'mm',
    },
  },
  start: ({ widthMm, heightMm }) => ({
    kind: 's',
    fromMm: [widthMm / 2, 0.15 * heightMm],
    toMm: [widthMm / 2, 0.85 * heightMm],
    swingMm: Math.round(widthMm / 5),
  }),
  points: (path) =>
    Array.from({ length: CHORDS + 1 }, (_, i): Point =>
      beside(asWave(path), i / CHORDS, path.swingMm * Math.sin((2 * Math.PI * i) / CHORDS)),
    ),
  places: () => ['Begins', 'Ends'],
  handles: (path) => [path.fromMm, path.toMm, beside(asWave(path), 0.25, path.swingMm)],
  moved: (path, handle, to) => {
    const { kind, fromMm, toMm, swingMm } = waveMoved(asWave(path), handle, to);
    return { kind, fromMm, toMm, swingMm };
  },
  fitted: (drawn) => {
    const [fromMm, toMm] = endsOf(drawn);
    return { kind: 's', fromMm, toMm, swingMm: swingsOf(drawn).swingMm };
  },
  carried: (path, { place, length }) => ({
    ...path,
    fromMm: place(path.fromMm),
    toMm: place(path.toMm),
    swingMm: length(path.swingMm),
  }),
  says: () => 'in an S',
} as const satisfies PathShape<SPath>;
