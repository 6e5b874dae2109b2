import { apart, type Point } from './define';

/** To a tenth of a mm: finer than a finger. */
export const tenth = (mm: number): number => Math.round(10 * mm) / 10;
export const tidied = ([x, y]: Point): [number, number] => [tenth(x), tenth(y)];

/** The ends of what was drawn. */
export const endsOf = (drawn: readonly Point[]): readonly [[number, number], [number, number]] => [
  tidied(drawn[0]!),
  tidied(drawn.at(-1)!),
];

/** The middle of the box round what was drawn. */
export function middleOf(drawn: readonly Point[]): [number, number] {
  const [xs, ys] = [drawn.map(([x]) => x), drawn.map(([, y]) => y)];
  const amid = (of: readonly number[]) =>
    (of.reduce((a, b) => Math.min(a, b)) + of.reduce((a, b) => Math.max(a, b))) / 2;
  return tidied([amid(xs), amid(ys)]);
}

/** How often what was drawn goes round a place, clockwise; below 0 the other way. */
export function turnsAbout([cx, cy]: Point, drawn: readonly Point[]): number {
  let turned = 0;
  for (let i = 1; i < drawn.length; i++) {
    const [from, to] = [drawn[i - 1]!, drawn[i]!].map(([x, y]) => Math.atan2(y - cy, x - cx)) as [
      number,
      number,
    ];
    turned += ((to - from + 3 * Math.PI) % (2 * Math.PI)) - Math.PI;
  }
  return turned / (2 * Math.PI);
}

/** Where each place of what was drawn lies along the straight line between its ends, and how far to its left, as one goes; y down. */
function besideLine(drawn: readonly Point[]): readonly Point[] {
  const [[ax, ay], [bx, by]] = [drawn[0]!, drawn.at(-1)!];
  const long = apart(drawn[0]!, drawn.at(-1)!) || 1;
  const [ux, uy] = [(bx - ax) / long, (by - ay) / long];
  return drawn.map(([x, y]) => [(x - ax) * ux + (y - ay) * uy, (x - ax) * uy - (y - ay) * ux]);
}

/** A swing that goes less far than this share of the farthest is none. */
const LEAST_SWING = 0.25;

/**
 * How wide what was drawn swings to both sides, and how long it takes along its line, there and back, mm; below 0 where it swings to the right
 * first.
 */
export function swingsOf(drawn: readonly Point[]): {
  readonly swingMm: number;
  readonly waveMm: number;
} {
  const beside = besideLine(drawn);
  const most = beside.reduce((far, [, off]) => Math.max(far, Math.abs(off)), 0);
  const tops: Point[] = [];
  for (const point of beside) {
    if (Math.abs(point[1]) < LEAST_SWING * most) continue;
    const top = tops.at(-1);
    if (!top || Math.sign(top[1]) !== Math.sign(point[1])) tops.push(point);
    else if (Math.abs(point[1]) > Math.abs(top[1])) tops[tops.length - 1] = point;
  }
  const swingMm = tops.reduce((sum, [, off]) => sum + Math.abs(off), 0) / (tops.length || 1);
  // From one top to the next of the other side is half a wave.
  const half =
    tops.length > 1 ? Math.abs(tops.at(-1)![0] - tops[0]![0]) / (tops.length - 1) : Infinity;
  const long = apart(drawn[0]!, drawn.at(-1)!);
  // Whole and half waves end where the finger left off, and nowhere beside it.
  const halves = Math.max(1, Math.round(long / half));
  const side = Math.sign(tops[0]?.[1] ?? 1);
  return { swingMm: side * tenth(swingMm), waveMm: tenth((2 * long) / halves) };
}

/** Rounds and steps in which a middle is sought, mm. */
const SOUGHT_MM = [16, 8, 4, 2, 1, 0.5, 0.25] as const;

/** The place about which the distance of what was drawn grows most evenly with how far it has turned. */
export function spiralMiddle(drawn: readonly Point[]): [number, number] {
  let best = middleOf(drawn);
  let least = unevenness(best, drawn);
  for (const step of SOUGHT_MM)
    for (let round = 0; round < 8; round++) {
      const before = least;
      for (const [dx, dy] of [
        [step, 0],
        [-step, 0],
        [0, step],
        [0, -step],
      ] as const) {
        const there: [number, number] = [best[0] + dx, best[1] + dy];
        const off = unevenness(there, drawn);
        if (off < least) [best, least] = [there, off];
      }
      if (least === before) break;
    }
  return tidied(best);
}

/** What is left of the distances from a place when the straight line that fits them best over the angle is taken off, mm². */
function unevenness(middle: Point, drawn: readonly Point[]): number {
  let [angle, n, sa, sr, saa, sar, srr] = [0, 0, 0, 0, 0, 0, 0];
  let was: number | undefined;
  for (const [x, y] of drawn) {
    const at = Math.atan2(y - middle[1], x - middle[0]);
    if (was !== undefined) angle += ((at - was + 3 * Math.PI) % (2 * Math.PI)) - Math.PI;
    was = at;
    const r = Math.hypot(x - middle[0], y - middle[1]);
    n++;
    sa += angle;
    sr += r;
    saa += angle * angle;
    sar += angle * r;
    srr += r * r;
  }
  const [va, vr, cov] = [saa - (sa * sa) / n, srr - (sr * sr) / n, sar - (sa * sr) / n];
  return va > 0 ? vr - (cov * cov) / va : vr;
}
