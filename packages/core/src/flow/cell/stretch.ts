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
  const { across, down, x, y } = course;
  const count = across * down;
  const pitch = course.pitchMm / cellMm;
  const base = turn * count;
  const [px, py] = [place % across, Math.floor(place / across)];
  const slope = (
    step: number,
    back: boolean,
    on: boolean,
  ): readonly [number, number] | undefined => {
    const here = base + place;
    const parts = [back ? -step : 0, on ? step : 0].map((d) => here + d);
    const [a, b] = parts as [number, number];
    const width = pitch * ((b - a) / step);
    const [dx, dy] = [x[b]! - x[a]!, y[b]! - y[a]!];
    if (!(Math.hypot(dx, dy) < TOGETHER * width)) return undefined;
    return [dx / width, dy / width];
  };
  const along = (step: number, back: boolean, on: boolean, unit: readonly [number, number]) =>
    (back && on ? slope(step, true, true) : undefined) ??
    (on ? slope(step, false, true) : undefined) ??
    (back ? slope(step, true, false) : undefined) ??
    unit;
  const [a, c] = along(1, px > 0, px + 1 < across, [1, 0]);
  const [b, d] = along(across, py > 0, py + 1 < down, [0, 1]);
  return [a, b, c, d];
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
