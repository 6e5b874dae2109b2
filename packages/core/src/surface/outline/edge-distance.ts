import { covers } from './covers';
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

/** Distance of a place from a straight stretch. */
function fromSegment(
  x: number,
  y: number,
  [ax, ay]: readonly [number, number],
  [bx, by]: readonly [number, number],
): number {
  const [dx, dy] = [bx - ax, by - ay];
  const long = dx * dx + dy * dy;
  const share = long > 0 ? Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / long)) : 0;
  return Math.hypot(x - ax - share * dx, y - ay - share * dy);
}
