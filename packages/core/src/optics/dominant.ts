import { linearToOklab, oklabToLinear } from './lab';
import { LINEAR, linearToHex, type Rgb } from './srgb';

/** A colour that stands for part of a picture. */
export interface Dominant {
  readonly hex: string;
  /** Share of the picture, 0..1. */
  readonly share: number;
}

const ROUNDS = 24;
/** Pixels more transparent than this are not looked at. */
const SEEN_ALPHA = 128;

/**
 * The colours a picture is made of, largest first: k-means in OKLab, begun far apart (k-means++, Arthur and Vassilvitskii 2007, taking the farthest
 * instead of a chance), so that the same picture gives the same colours.
 * @param rgba bytes r, g, b, a of each pixel, sRGB
 * @param count most colours; fewer where the picture has fewer
 */
export function dominantColours(rgba: Uint8ClampedArray, count: number): Dominant[] {
  const points: Rgb[] = [];
  for (let i = 0; i + 3 < rgba.length; i += 4)
    if (rgba[i + 3]! >= SEEN_ALPHA)
      points.push(linearToOklab([LINEAR[rgba[i]!]!, LINEAR[rgba[i + 1]!]!, LINEAR[rgba[i + 2]!]!]));
  if (points.length === 0) return [];
  let centres = farApart(points, count);
  let sizes: number[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    const sums = centres.map(() => [0, 0, 0, 0]);
    for (const point of points) {
      const sum = sums[nearestOf(point, centres)]!;
      for (let k = 0; k < 3; k++) sum[k]! += point[k]!;
      sum[3]!++;
    }
    const next = sums.map(([l, a, b, n], i): Rgb =>
      n! > 0 ? [l! / n!, a! / n!, b! / n!] : centres[i]!,
    );
    sizes = sums.map((s) => s[3]!);
    const moved = Math.max(...next.map((c, i) => distance(c, centres[i]!)));
    centres = next;
    if (moved < 1e-8) break;
  }
  return centres
    .map((centre, i) => ({
      hex: linearToHex(oklabToLinear(centre)),
      share: sizes[i]! / points.length,
    }))
    .filter((d) => d.share > 0)
    .sort((a, b) => b.share - a.share);
}

const distance = (a: Rgb, b: Rgb): number =>
  (a[0] - b[0]) ** 2 + (a[1] - b[1]) ** 2 + (a[2] - b[2]) ** 2;

function nearestOf(point: Rgb, centres: readonly Rgb[]): number {
  let best = 0;
  for (let i = 1; i < centres.length; i++)
    if (distance(point, centres[i]!) < distance(point, centres[best]!)) best = i;
  return best;
}

/** The mean first, then whichever point lies farthest from all there are; ends where nothing is left apart. */
function farApart(points: readonly Rgb[], count: number): Rgb[] {
  const mean = points
    .reduce<[number, number, number]>(
      (sum, p) => [sum[0] + p[0], sum[1] + p[1], sum[2] + p[2]],
      [0, 0, 0],
    )
    .map((v) => v / points.length) as unknown as Rgb;
  const start = points[nearestOf(mean, points)]!;
  const centres: Rgb[] = [start];
  const gap = Float64Array.from(points, (p) => distance(p, start));
  while (centres.length < count) {
    let far = 0;
    for (let i = 1; i < points.length; i++) if (gap[i]! > gap[far]!) far = i;
    if (gap[far]! < 1e-6) break;
    const next = points[far]!;
    centres.push(next);
    for (let i = 0; i < points.length; i++) gap[i] = Math.min(gap[i]!, distance(points[i]!, next));
  }
  return centres;
}
