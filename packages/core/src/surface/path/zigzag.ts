import { apart, type PathShape, type Point } from './define';
import { beside, ofWaves, type Wave } from './wave';

/** Straight strokes from side to side of a line. */
export type Zigzag = { kind: 'zigzag' } & Wave;

export const zigzag = {
  ...ofWaves('zigzag'),
  title: 'Zigzag',
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
  says: ({ swingMm }) => `in a zigzag ${Math.round(2 * Math.abs(swingMm))} mm wide`,
} as const satisfies PathShape<Zigzag>;
