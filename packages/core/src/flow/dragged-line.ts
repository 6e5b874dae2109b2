import { type Point, pointAlong } from '../surface/path';

/** A line through the film, in any unit of length: what lies on it is taken along, what lies beside it the less the farther it lies. */
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

/**
 * Where what lies at x, y at a level z of the film (0 at the ground, which holds it, 1 at the surface) was before a line was drawn: back along
 * it by takes · e^(−d/reach) · z, d its distance from the line (Lu, Jaffer and others 2012: the tine line of mathematical marbling, from memory;
 * the depth ours). Undefined where it lay as it lies.
 */
export function draggedFrom(
  line: DraggedLine,
  x: number,
  y: number,
  z: number,
): readonly [number, number] | undefined {
  const { points, takes, reach } = line;
  if (z <= 0) return undefined;
  let nearest = FAR * reach;
  let at = -1;
  let along = 0;
  let whole = 0;
  for (let k = 1; k < points.length; k++) {
    const [ax, ay] = points[k - 1]!;
    const [bx, by] = points[k]!;
    const length = Math.hypot(bx - ax, by - ay);
    if (length === 0) continue;
    const share = ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / (length * length);
    const inside = Math.min(1, Math.max(0, share));
    const d = Math.hypot(x - ax - inside * (bx - ax), y - ay - inside * (by - ay));
    if (d < nearest) {
      nearest = d;
      at = k;
      along = whole + inside * length;
    }
    whole += length;
  }
  if (at < 0) return undefined;
  const most = Math.min(takes, whole / (2 * EASE)) * Math.exp(-nearest / reach) * z;
  // What is here was so far back that from there it came to here: s − most · w(s) turned round, w rising and falling evenly at the ends.
  const ease = EASE * Math.min(takes, whole / (2 * EASE));
  const window = (s: number) => Math.max(0, Math.min(1, s / ease, (whole - s) / ease));
  let from = along;
  for (let n = 0; n < ROUNDS; n++) from = along - most * window(from);
  if (from === along) return undefined;
  const [ox, oy] = pointAlong(points, along / whole);
  const [px, py] = pointAlong(points, from / whole);
  return [x + px - ox, y + py - oy];
}

/** Halves what is left to find each time, so a ten-thousandth of it is left. */
const ROUNDS = 14;
