import { curveCatmullRom, line } from 'd3-shape';
import simplify from 'simplify-js';
import { apart, CHORD_MM, type Point } from './define';
import { tidied } from './drawn';

/** What is left out of a drawn line never lay farther from what is kept, mm: half of what a finger may be missed by. */
const STRAYS_MM = 0.8;
/** A document holds so many points of a way at the most. */
const MOST_POINTS = 400;

/** Fewer points of a line a finger drew, its ends among them; the smooth line through them goes where the finger went. */
export function thinned(drawn: readonly Point[]): Point[] {
  const points = drawn.map(([x, y]) => ({ x, y }));
  let within = STRAYS_MM;
  let kept = simplify(points, within, true);
  // Whoever scribbles for minutes is followed less closely.
  while (kept.length > MOST_POINTS) kept = simplify(points, (within *= 1.5), true);
  const tidy = kept.map(({ x, y }) => tidied([x, y]));
  const [first] = tidy;
  return tidy.length > 1 ? tidy : [first!, [first![0] + 1, first![1]]];
}

/** A smooth line through points (a centripetal Catmull-Rom spline, which makes no loops of its own), in chords. */
export function smoothed(points: readonly Point[]): readonly Point[] {
  if (points.length < 3) return points;
  const chords: Point[] = [];
  line()
    .curve(curveCatmullRom.alpha(0.5))
    .context({
      moveTo: (x: number, y: number) => void chords.push([x, y]),
      lineTo: (x: number, y: number) => void chords.push([x, y]),
      bezierCurveTo: (...b: [number, number, number, number, number, number]) =>
        void inChords(chords, b),
      closePath: () => undefined,
    } as never)(points.map(([x, y]): [number, number] => [x, y]));
  return chords;
}

/** A cubic Bézier from the last point on, in chords that stray less than `CHORD_MM` (the bound by its second differences). */
function inChords(
  to: Point[],
  [x1, y1, x2, y2, x3, y3]: [number, number, number, number, number, number],
): void {
  const from = to.at(-1)!;
  const [x0, y0] = from;
  const bend = Math.max(
    apart([x0 + x2, y0 + y2], [2 * x1, 2 * y1]),
    apart([x1 + x3, y1 + y3], [2 * x2, 2 * y2]),
  );
  const count = Math.max(1, Math.ceil(Math.sqrt((0.75 * bend) / CHORD_MM)));
  for (let n = 1; n <= count; n++) {
    const t = n / count;
    const u = 1 - t;
    const [a, b, c, d] = [u * u * u, 3 * u * u * t, 3 * u * t * t, t * t * t];
    to.push([a * x0 + b * x1 + c * x2 + d * x3, a * y0 + b * y1 + c * y2 + d * y3]);
  }
}
