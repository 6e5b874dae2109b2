import type { Point } from '../../surface/path';
import { arcPoints, type MarkDefinition, toward } from './define';

/** The piece is turned: an arc about a place, clockwise where the sweep is positive. */
export interface ArcMark {
  readonly kind: 'arc';
  readonly aboutMm: Point;
  readonly rMm: number;
  readonly sweepDeg: number;
}

const FROM_DEG = -90;

export const arc: MarkDefinition<ArcMark> = {
  id: 'arc',
  strokes: ({ aboutMm, rMm, sweepDeg }) => [
    { points: arcPoints(aboutMm, rMm, FROM_DEG, sweepDeg), arrow: true },
  ],
  hint: ({ aboutMm, rMm, sweepDeg }) => [
    { points: arcPoints(aboutMm, rMm, FROM_DEG, sweepDeg / 4), arrow: true },
  ],
  at: ({ aboutMm, rMm }) => toward(aboutMm, FROM_DEG, rMm),
  numbered: true,
  printed: false,
};
