import { areaOf, hullOf, lengthOf } from '../outline/measure';
import { extentOf, pathOf, type Ring } from '../outline/ring';
import { spotsWithin } from '../outline/spots';
import type { ShapeDefinition } from './shape';

/** Most places a tilt is taken to; a rounder outline is taken round in as many. */
const MOST_REACHES = 8;
/** Corners of the hull nearer than this share of the longer side are one place. */
const SAME_PLACE = 0.15;

/**
 * What shapes that are known by their rings alone have in common. Rings are worked out once for each shape object.
 * @param ringsOf the outline with the upper left of its bounds at 0, 0
 */
export function byRings<S extends { kind: string }>(ringsOf: (shape: S) => readonly Ring[]) {
  const known = new WeakMap<S, readonly Ring[]>();
  const rings = (shape: S): readonly Ring[] => {
    const found = known.get(shape) ?? ringsOf(shape);
    known.set(shape, found);
    return found;
  };
  const bounds = (shape: S) => {
    const { widthMm, heightMm } = extentOf(rings(shape));
    return { widthMm, heightMm };
  };
  return {
    rings,
    bounds,
    areaMm2: (shape: S) => areaOf(rings(shape)),
    outlineMm: (shape: S) => lengthOf(rings(shape)),
    path: (shape: S) => pathOf(rings(shape)),
    reaches: (shape: S) => corners(hullOf(rings(shape)), bounds(shape)),
    reachName: { one: 'corner', many: 'corners' },
    spots: (shape: S, count: number) => spotsWithin(rings(shape), count),
    sides: (shape: S) => {
      const { widthMm, heightMm } = bounds(shape);
      return [widthMm, heightMm];
    },
  } satisfies Partial<ShapeDefinition<S>>;
}

type Point = readonly [number, number];

/** The far corners of a hull: those that stand out most, near ones taken together, in the order they lie. */
function corners(
  hull: readonly Point[],
  { widthMm, heightMm }: { readonly widthMm: number; readonly heightMm: number },
): Point[] {
  const middle: Point = [widthMm / 2, heightMm / 2];
  const apart = (a: Point, b: Point) => Math.hypot(a[0] - b[0], a[1] - b[1]);
  const least = SAME_PLACE * Math.max(widthMm, heightMm);
  const chosen: Point[] = [];
  for (const p of [...hull].sort((a, b) => apart(b, middle) - apart(a, middle)))
    if (chosen.length < MOST_REACHES && chosen.every((c) => apart(c, p) >= least)) chosen.push(p);
  const angle = ([x, y]: Point) => Math.atan2(y - middle[1], x - middle[0]);
  return chosen
    .sort((a, b) => angle(a) - angle(b))
    .map(([x, y]) => [Number(x.toFixed(1)), Number(y.toFixed(1))]);
}
