import { covers } from './covers';
import { fromSegment } from './from-line';
import type { Ring } from './ring';

/** How far a place lies within the face, mm: its distance from the nearest edge, rims of holes among them; less than nothing off the face. */
export function withinMm(rings: readonly Ring[], x: number, y: number): number {
  let nearest = Infinity;
  for (const ring of rings)
    for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2)
      nearest = Math.min(
        nearest,
        fromSegment(x, y, [ring[j]!, ring[j + 1]!], [ring[i]!, ring[i + 1]!]),
      );
  return covers(rings, x, y) ? nearest : -nearest;
}
