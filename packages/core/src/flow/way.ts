/** A place that goes straight and evenly from one place to another, in cells. */
export interface Way {
  readonly from: { readonly x: number; readonly y: number };
  readonly to: { readonly x: number; readonly y: number };
}

/**
 * How near something comes to it that goes from `x`, `y` to `toX`, `toY` in the same time: seen from one, the other goes straight too, so
 * it is how far a point is from a segment.
 */
export function nearest({ from, to }: Way, x: number, y: number, toX: number, toY: number): number {
  const [ax, ay] = [x - from.x, y - from.y];
  const [bx, by] = [toX - to.x - ax, toY - to.y - ay];
  const squared = bx * bx + by * by;
  const share = squared > 0 ? Math.min(1, Math.max(0, -(ax * bx + ay * by) / squared)) : 0;
  return Math.hypot(ax + share * bx, ay + share * by);
}
