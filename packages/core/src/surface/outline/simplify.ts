import type { Ring } from './ring';

/**
 * A ring with fewer points that stays within `toleranceMm` of all it had (Douglas and Peucker 1973), worked off a stack
 * since outlines may have many thousand points. Rings that shrink to less than a triangle give an empty one.
 */
export function simplified(ring: Ring, toleranceMm: number): Ring {
  const n = ring.length / 2;
  if (n < 4) return ring;
  // A closed ring is cut where it is farthest from its first point.
  let far = 0;
  for (let i = 1; i < n; i++) if (apart(ring, 0, i) > apart(ring, 0, far)) far = i;
  const keep = new Uint8Array(n);
  keep[0] = keep[far] = 1;
  const stack: [number, number][] = [...spans(0, far), ...spans(far, n)];
  for (const [from] of stack) keep[from] = 1;
  for (let span = stack.pop(); span; span = stack.pop()) {
    const [from, to] = span;
    let worst = toleranceMm;
    let at = -1;
    for (let i = from + 1; i < to; i++) {
      const off = offLine(ring, from, to % n, i);
      if (off > worst) [worst, at] = [off, i];
    }
    if (at < 0) continue;
    keep[at] = 1;
    stack.push([from, at], [at, to]);
  }
  const kept = ring.filter((_, i) => keep[i >> 1]);
  return kept.length >= 6 ? kept : [];
}

/** The search of a span takes as long as its length squared at the worst, as in a zigzag: it is cut into spans of so many points. */
const LONGEST_SPAN = 200;

function spans(from: number, to: number): [number, number][] {
  const count = Math.max(1, Math.ceil((to - from) / LONGEST_SPAN));
  return Array.from({ length: count }, (_, k) => [
    from + Math.floor(((to - from) * k) / count),
    from + Math.floor(((to - from) * (k + 1)) / count),
  ]);
}

const apart = (ring: Ring, i: number, j: number): number =>
  Math.hypot(ring[2 * i]! - ring[2 * j]!, ring[2 * i + 1]! - ring[2 * j + 1]!);

/** How far point i lies from the chord of two others. */
function offLine(ring: Ring, from: number, to: number, i: number): number {
  const [x1, y1, x2, y2] = [ring[2 * from]!, ring[2 * from + 1]!, ring[2 * to]!, ring[2 * to + 1]!];
  const [x, y] = [ring[2 * i]!, ring[2 * i + 1]!];
  const [dx, dy] = [x2 - x1, y2 - y1];
  const long = dx * dx + dy * dy;
  const t = long === 0 ? 0 : Math.min(1, Math.max(0, ((x - x1) * dx + (y - y1) * dy) / long));
  return Math.hypot(x - x1 - t * dx, y - y1 - t * dy);
}
