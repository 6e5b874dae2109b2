import type { Course } from './course';

/** How far apart, in cells, two neighbours may have come from and still have lain side by side. */
const TOGETHER = 12;

/** A linear map of the plane, row by row. */
export type Matrix = readonly [number, number, number, number];

/**
 * What the motion since the end of a turn did to a small piece of the surface: where it was then for where it is now, both from its middle. By
 * differences between neighbours; the unit matrix where none is known.
 */
export function stretchBack(course: Course, turn: number, place: number, cellMm: number): Matrix {
  const { across, down } = course;
  const at = turn * across * down + place;
  const pitch = course.pitchMm / cellMm;
  const [px, py] = [place % across, Math.floor(place / across)];
  const [a, c] = along(course, at, 1, px > 0, px + 1 < across, pitch) ?? [1, 0];
  const [b, d] = along(course, at, across, py > 0, py + 1 < down, pitch) ?? [0, 1];
  return [a, b, c, d];
}

type Slope = readonly [number, number];

/** The slope at an entry of a course by its neighbours a step before and after it, or by one of them where the other is off or came from elsewhere. */
const along = (
  course: Course,
  at: number,
  step: number,
  back: boolean,
  on: boolean,
  pitch: number,
): Slope | undefined =>
  (back && on ? slope(course, at - step, at + step, 2 * pitch) : undefined) ??
  (on ? slope(course, at, at + step, pitch) : undefined) ??
  (back ? slope(course, at - step, at, pitch) : undefined);

/** What two entries so far apart, cells, have between them; undefined where they did not lie side by side, or one is not known. */
function slope({ x, y }: Course, from: number, to: number, width: number): Slope | undefined {
  const [dx, dy] = [x[to]! - x[from]!, y[to]! - y[from]!];
  return Math.hypot(dx, dy) < TOGETHER * width ? [dx / width, dy / width] : undefined;
}

/** By how much a map draws out what is round: longer over shorter axis, at least 1; endless for one that folds flat. */
export function drawnOut([a, b, c, d]: Matrix): number {
  const [sum, determinant] = [a * a + b * b + c * c + d * d, Math.abs(a * d - b * c)];
  if (determinant < 1e-9) return Infinity;
  const half = sum / (2 * determinant);
  return half + Math.sqrt(Math.max(0, half * half - 1));
}

/** By how much a map enlarges an area. */
export const areaOf = ([a, b, c, d]: Matrix): number => Math.abs(a * d - b * c);

/** How long a map makes a step. */
export const lengthOf = ([a, b, c, d]: Matrix, x: number, y: number): number =>
  Math.sqrt((a * x + b * y) ** 2 + (c * x + d * y) ** 2);

/** The least a map makes of a step of 1, whichever way that goes. */
export function leastStretch([a, b, c, d]: Matrix): number {
  const half = (a * a + b * b + c * c + d * d) / 2;
  const determinant = a * d - b * c;
  return Math.sqrt(Math.max(1e-12, half - Math.sqrt(Math.max(0, half * half - determinant ** 2))));
}

export const scaled = ([a, b, c, d]: Matrix, by: number): Matrix => [
  a * by,
  b * by,
  c * by,
  d * by,
];
