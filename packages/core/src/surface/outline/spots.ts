import polylabel from 'polylabel';
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
  const spots: [number, number][] = [inmost(rings)];
  if (count === 1) return spots;
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

/** The point farthest from all edges, to a millimetre: the pole of inaccessibility (Garcia-Castellanos and Lombardo 2007). */
function inmost(rings: readonly Ring[]): [number, number] {
  const drawn = rings.map((ring) =>
    Array.from({ length: ring.length / 2 }, (_, i): [number, number] => [
      ring[2 * i]!,
      ring[2 * i + 1]!,
    ]),
  );
  // The search looks within the first ring it is given; of several pieces the one with most room has it.
  const poles = drawn.map((ring, i) => polylabel([ring, ...drawn.filter((_, j) => j !== i)], 1));
  const [x, y] = best(poles, (pole) => pole.distance);
  return tidy([x, y]);
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

function best<T extends object>(of: readonly T[], score: (one: T) => number): T {
  let [found, high] = [of[0]!, -Infinity];
  for (const one of of) {
    const s = score(one);
    if (s > high) [found, high] = [one, s];
  }
  return found;
}

const tidy = ([x, y]: Point): [number, number] => [Math.round(x), Math.round(y)];
