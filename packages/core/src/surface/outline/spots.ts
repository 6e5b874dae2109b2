import { crossingsAt } from './covers';
import { extentOf, type Ring } from './ring';

type Point = readonly [number, number];

/** Points over the face that places are chosen among. */
const SAMPLES = 1500;
/** Rounds of moving each place to the middle of what is nearest to it; more change nothing visible. */
const ROUNDS = 20;

/**
 * Places spread evenly over a face of any outline, each on it: what lies nearest to each is about alike (Lloyd 1982,
 * begun with the farthest points). One place is as far from every edge as can be.
 */
export function spotsWithin(rings: readonly Ring[], count: number): [number, number][] {
  const { left, top, widthMm, heightMm } = extentOf(rings);
  const points = sample(rings, left, top, widthMm, heightMm);
  if (count === 1) return [inmost(rings, points)];
  const spots: [number, number][] = [inmost(rings, points)];
  while (spots.length < count) spots.push(best(points, (p) => nearest(spots, p)[1]));
  for (let round = 0; round < ROUNDS; round++) {
    const sums = spots.map(() => [0, 0, 0] as [number, number, number]);
    for (const p of points) {
      const sum = sums[nearest(spots, p)[0]]!;
      sum[0] += p[0];
      sum[1] += p[1];
      sum[2]++;
    }
    sums.forEach(([x, y, n], i) => n > 0 && (spots[i] = [x / n, y / n]));
  }
  // The middle of a bow lies beside it: the nearest point that is on the face.
  return spots.map((spot) => tidy(best(points, (p) => -apart(p, spot))));
}

/** An even lattice of points on the face, at least one. */
function sample(rings: readonly Ring[], left: number, top: number, w: number, h: number) {
  let step = Math.sqrt((w * h) / SAMPLES);
  for (let tries = 0; tries < 6; tries++, step /= 2) {
    const points: [number, number][] = [];
    for (let y = top + step / 2; y < top + h; y += step) {
      const at = crossingsAt(rings, y);
      for (let x = left + step / 2; x < left + w; x += step)
        if (at.filter((edge) => edge > x).length % 2 === 1) points.push([x, y]);
    }
    if (points.length >= 40) return points;
  }
  return [[rings[0]![0]!, rings[0]![1]!]] as [number, number][];
}

/** The point farthest from all edges. */
function inmost(rings: readonly Ring[], points: readonly [number, number][]): [number, number] {
  return tidy(best(points, ([x, y]) => edgeDistance(rings, x, y)));
}

function edgeDistance(rings: readonly Ring[], x: number, y: number): number {
  let least = Infinity;
  for (const ring of rings)
    for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
      const [x1, y1] = [ring[j]!, ring[j + 1]!];
      const [dx, dy] = [ring[i]! - x1, ring[i + 1]! - y1];
      const long = dx * dx + dy * dy;
      const t = long === 0 ? 0 : Math.min(1, Math.max(0, ((x - x1) * dx + (y - y1) * dy) / long));
      least = Math.min(least, Math.hypot(x - x1 - t * dx, y - y1 - t * dy));
    }
  return least;
}

const apart = (a: Point, b: Point): number => Math.hypot(a[0] - b[0], a[1] - b[1]);

function nearest(spots: readonly Point[], p: Point): [number, number] {
  let [at, least] = [0, Infinity];
  spots.forEach((s, i) => {
    const d = apart(s, p);
    if (d < least) [at, least] = [i, d];
  });
  return [at, least];
}

function best<T extends Point>(of: readonly T[], score: (one: T) => number): T {
  let [found, high] = [of[0]!, -Infinity];
  for (const one of of) {
    const s = score(one);
    if (s > high) [found, high] = [one, s];
  }
  return found;
}

const tidy = ([x, y]: Point): [number, number] => [Math.round(x), Math.round(y)];
