import type { Ring } from './ring';

/** Where a level line at height y crosses rings, from left to right: it is on the face from the first to the second, and so on. */
export function crossingsAt(rings: readonly Ring[], y: number): number[] {
  const found: number[] = [];
  for (const ring of rings)
    for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
      const [xi, yi, xj, yj] = [ring[i]!, ring[i + 1]!, ring[j]!, ring[j + 1]!];
      if (yi > y !== yj > y) found.push(xi + ((y - yi) / (yj - yi)) * (xj - xi));
    }
  return found.sort((a, b) => a - b);
}

/** Whether a point lies on the face, by the even-odd rule. */
export const covers = (rings: readonly Ring[], x: number, y: number): boolean =>
  crossingsAt(rings, y).filter((at) => at > x).length % 2 === 1;
