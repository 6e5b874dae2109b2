import { along, lengthOfLine, type Point } from '../surface/path';
import type { Before } from './at-once';

/** A line through the film, in cells: what lies on it is taken along, what lies beside it the less the farther it lies. */
export interface DraggedLine {
  readonly points: readonly Point[];
  /** How far the surface goes along on the line itself. */
  readonly takes: number;
  /** The distance from it over which that falls by e. */
  readonly reach: number;
}

/** Beyond so many reaches nothing is moved. */
const FAR = 5;
/** Over twice what it takes it comes in, and goes out: so steep that no two places meet in one. */
const EASE = 2;
/** Halves what is left to find each time, so a ten-thousandth of it is left. */
const ROUNDS = 14;

/**
 * What drawing a line does: what lies at x, y at a level z of the film (0 at the ground, which holds it, 1 at the surface) came along it by
 * takes · e^(−d/reach) · z, d its distance from the line (Lu, Jaffer and others 2012: the tine line of mathematical marbling, from memory;
 * the depth ours).
 */
export function draggedAlong({ points, takes, reach }: DraggedLine): Before {
  const whole = lengthOfLine(points);
  const at = along(points);
  const around = boundsOf(points, FAR * reach);
  // A short line takes no more along than it can ease in and out.
  const most = Math.min(takes, whole / (2 * EASE));
  const window = (s: number) =>
    Math.max(0, Math.min(1, s / (EASE * most), (whole - s) / (EASE * most)));
  return (x, y, z) => {
    if (z <= 0 || !around(x, y)) return undefined;
    const near = nearestOn(points, x, y, FAR * reach);
    if (!near) return undefined;
    const far = most * Math.exp(-near.distance / reach) * z;
    // What is here was so far back that from there it came to here: s − far · w(s) turned round, w rising and falling evenly at the ends.
    let from = near.along;
    for (let n = 0; n < ROUNDS; n++) from = near.along - far * window(from);
    if (from === near.along) return undefined;
    const [ox, oy] = at(near.along / whole);
    const [px, py] = at(from / whole);
    return [x + px - ox, y + py - oy, z];
  };
}

/** Whether a place lies no farther outside a line's own rectangle than so: most of a film is nowhere near a line, and that is told quickly. */
function boundsOf(points: readonly Point[], reach: number): (x: number, y: number) => boolean {
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  const [left, right] = [Math.min(...xs) - reach, Math.max(...xs) + reach];
  const [top, bottom] = [Math.min(...ys) - reach, Math.max(...ys) + reach];
  return (x, y) => x >= left && x <= right && y >= top && y <= bottom;
}

/** Where a line comes nearest to a place, and how near; undefined where it stays farther off than `within`. */
function nearestOn(points: readonly Point[], x: number, y: number, within: number) {
  let distance = within;
  let nearest: number | undefined;
  let passed = 0;
  for (let k = 1; k < points.length; k++) {
    const [ax, ay] = points[k - 1]!;
    const [dx, dy] = [points[k]![0] - ax, points[k]![1] - ay];
    const length = Math.hypot(dx, dy);
    if (length === 0) continue;
    const share = ((x - ax) * dx + (y - ay) * dy) / (length * length);
    const inside = Math.min(1, Math.max(0, share));
    const d = Math.hypot(x - ax - inside * dx, y - ay - inside * dy);
    if (d < distance) {
      distance = d;
      nearest = passed + inside * length;
    }
    passed += length;
  }
  return nearest === undefined ? undefined : { along: nearest, distance };
}
