import { type TObject, type TSchema, Type } from '@sinclair/typebox';
import { registry } from '../../registry';
import { tagged } from '../../schema/parts';
import { apart, between, type Carry, type PathShape, type Point } from './define';
import { free } from './free';
import { line } from './line';
import { Place } from './parts';
import { ring } from './ring';
import { s } from './s';
import { spiral } from './spiral';
import { wiggle } from './wiggle';
import { zigzag } from './zigzag';

const ALL = [line, ring, spiral, wiggle, zigzag, s, free] as const;

/** Done again, turned evenly about a place: petals of a flower. */
export interface Repeat {
  n: number;
  aboutMm: Point;
}

/** A way over a surface, as a document holds it. */
export type Path = Parameters<(typeof ALL)[number]['points']>[0] & { repeat?: Repeat };
export type PathKind = Path['kind'];

/** Every way there is to go, in the order they are offered. */
export const PATHS = registry<PathShape<Path>>()('path', ALL);

/** The definition that fits this path. */
export const pathShapeOf = (path: Path): PathShape<Path> => PATHS[path.kind];

const RepeatSchema = Type.Object(
  { n: Type.Integer({ minimum: 2, maximum: 48 }), aboutMm: Place },
  { additionalProperties: false },
);

export const PathSchema: TSchema = tagged(
  'kind',
  ALL.map(({ schema }): TObject =>
    Type.Object(
      { ...schema.properties, repeat: Type.Optional(RepeatSchema) },
      { additionalProperties: false },
    ),
  ),
);

/** Points all strokes of a path are told by at the most: a hundred turns, forty-eight times over, are no more to be told apart. */
const MOST_POINTS = 20_000;

/** At most so many points of a line, evenly, its ends among them. */
const thinned = (points: readonly Point[], most: number): readonly Point[] =>
  points.length <= most
    ? points
    : Array.from(
        { length: most },
        (_, k) => points[Math.round((k * (points.length - 1)) / (most - 1))]!,
      );

/** The same way on another face, as often round. */
export function carriedPath(path: Path, carry: Carry): Path {
  const { repeat, ...once } = path;
  const there = pathShapeOf(path).carried(once as Path, carry);
  return repeat ? { ...there, repeat: { ...repeat, aboutMm: carry.place(repeat.aboutMm) } } : there;
}

/** Its strokes as lines of points, one after the other: itself, or itself turned about a place so many times. */
export function strokesOf(path: Path): readonly (readonly Point[])[] {
  const whole = pathShapeOf(path).points(path);
  const { repeat } = path;
  if (!repeat) return [thinned(whole, MOST_POINTS)];
  const once = thinned(whole, Math.ceil(MOST_POINTS / repeat.n));
  const [cx, cy] = repeat.aboutMm;
  return Array.from({ length: repeat.n }, (_, k) => {
    const [cos, sin] = [
      Math.cos((2 * Math.PI * k) / repeat.n),
      Math.sin((2 * Math.PI * k) / repeat.n),
    ];
    return once.map(([x, y]): Point => [
      cx + (x - cx) * cos - (y - cy) * sin,
      cy + (x - cx) * sin + (y - cy) * cos,
    ]);
  });
}

/** Length of a line of points, mm. */
export const lengthOfLine = (points: readonly Point[]): number =>
  points.slice(1).reduce((sum, p, i) => sum + apart(points[i]!, p), 0);

/**
 * The point a share of the way along a line of points, 0 to 1; the line is measured once, for one that is asked for often may have tens of
 * thousands.
 */
export function along(points: readonly Point[]): (share: number) => Point {
  const upTo = new Float64Array(points.length);
  for (let i = 1; i < points.length; i++)
    upTo[i] = upTo[i - 1]! + apart(points[i - 1]!, points[i]!);
  const whole = upTo.at(-1) ?? 0;
  return (share) => {
    const at = whole * Math.min(1, Math.max(0, share));
    let low = 1;
    let high = points.length - 1;
    while (low < high) {
      const middle = (low + high) >> 1;
      if (upTo[middle]! < at) low = middle + 1;
      else high = middle;
    }
    const own = (upTo[low] ?? 0) - (upTo[low - 1] ?? 0);
    // Places that lie on each other, at its beginning, or a line that is one place.
    if (!(own > 0)) return points[low] ?? points[0]!;
    return between(points[low - 1]!, points[low]!, (at - upTo[low - 1]!) / own);
  };
}

/** The point a share of the time along a line of points, 0 to 1, from each of them to the next in the same time. */
export const alongInTime =
  (points: readonly Point[]): ((share: number) => Point) =>
  (share) => {
    const at = Math.min(1, Math.max(0, share)) * (points.length - 1);
    const low = Math.min(Math.floor(at), Math.max(0, points.length - 2));
    return between(points[low]!, points[low + 1] ?? points[low]!, at - low);
  };

/** Length of a path, all its strokes together, mm. */
export const pathLengthMm = (path: Path): number =>
  strokesOf(path).reduce((sum, stroke) => sum + lengthOfLine(stroke), 0);

/** The two ends of a way that goes straight; undefined for every other. */
export function straightEnds(path: Path): readonly [Point, Point] | undefined {
  const shape = pathShapeOf(path);
  if (!shape.straight || path.repeat) return undefined;
  const points = shape.points(path);
  return [points[0]!, points.at(-1)!];
}

/** A path in words that follow "pour it". */
export const pathWords = (path: Path): string =>
  pathShapeOf(path).says(path) + (path.repeat ? `, ${path.repeat.n} times round` : '');

export { apart } from './define';
export type { Carry, PathNumber, PathShape, Point } from './define';
