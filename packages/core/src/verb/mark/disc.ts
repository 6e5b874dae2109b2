import type { Point } from '../../surface/path';
import { arcPoints, type MarkDefinition } from './define';

/** A place, and where it has a size, a circle round it: a cup's mouth, a balloon, a drop. */
export interface DiscMark {
  readonly kind: 'disc';
  readonly atMm: Point;
  readonly rMm: number;
}

export const disc: MarkDefinition<DiscMark> = {
  id: 'disc',
  strokes: ({ atMm, rMm }) =>
    rMm > 0 ? [{ points: arcPoints(atMm, rMm, 0, 360), closed: true }] : [],
  hint: () => [],
  at: ({ atMm }) => atMm,
  numbered: true,
  printed: true,
};
