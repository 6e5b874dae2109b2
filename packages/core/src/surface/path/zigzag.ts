import { Type } from '@sinclair/typebox';
import { apart, type PathShape, type Point } from './define';
import {
  acrossFace,
  beside,
  type Wave,
  WAVE_NUMBERS,
  WAVE_PARTS,
  waveHandles,
  waveMoved,
} from './wave';

/** Straight strokes from side to side of a line. */
export type Zigzag = { kind: 'zigzag' } & Wave;

export const zigzag = {
  id: 'zigzag',
  title: 'Zigzag',
  schema: Type.Object(
    { kind: Type.Literal('zigzag'), ...WAVE_PARTS },
    { additionalProperties: false },
  ),
  numbers: WAVE_NUMBERS,
  start: ({ widthMm, heightMm }) => ({ kind: 'zigzag', ...acrossFace(widthMm, heightMm) }),
  points: (path) => {
    const long = apart(path.fromMm, path.toMm);
    const corners: Point[] = [];
    // A corner every half wave, the first a quarter in, to the left and to the right in turn.
    for (let k = 0; (k + 0.5) * (path.waveMm / 2) < long; k++)
      corners.push(
        beside(path, ((k + 0.5) * path.waveMm) / 2 / long, k % 2 ? -path.swingMm : path.swingMm),
      );
    return [path.fromMm, ...corners, path.toMm];
  },
  places: () => ['Begins', 'Ends'],
  handles: waveHandles,
  moved: waveMoved,
  says: ({ swingMm }) => `in a zigzag ${Math.round(2 * swingMm)} mm wide`,
} as const satisfies PathShape<Zigzag>;
