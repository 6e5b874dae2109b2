import { along, lengthOfLine, type Point } from '../surface/path';

/** Places that are moved, x, y and by how much, one after the other. */
export type Moves = readonly (readonly [x: number, y: number, byX: number, byY: number])[];

/** Near the end of its pull a string lies as straight as this (tuned by eye). */
const STRAIGHT = 0.8;

/**
 * How the places of a string move while it is pulled off by its end: each runs along the way of those before it, out over the end and on toward the
 * hand, and what still lies is drawn straight toward the hand the more the farther the pull has come.
 * @param line how it lies, the pulled end last
 * @param fromShare how much of its length has gone at the beginning, and at the end
 * @param apart how far apart the places told are
 */
export function pulledOff(
  line: readonly Point[],
  towardDeg: number,
  fromShare: number,
  toShare: number,
  apart: number,
): Moves {
  const at = along(line);
  const length = lengthOfLine(line);
  const end = line.at(-1)!;
  const turn = (towardDeg * Math.PI) / 180;
  /** On the ray through the end toward the hand, so far past the end. */
  const onRay = (past: number): Point => [
    end[0] + past * Math.cos(turn),
    end[1] + past * Math.sin(turn),
  ];
  /** Where the place `u` of the string, a share of its length, is once so much has gone. */
  const placeOf = (u: number, gone: number): Point => {
    const way = u + gone;
    if (way >= 1) return onRay((way - 1) * length);
    const [x, y] = at(way);
    const [sx, sy] = onRay((way - 1) * length);
    const straight = STRAIGHT * gone;
    return [x + (sx - x) * straight, y + (sy - y) * straight];
  };
  const count = Math.max(2, Math.ceil(length / apart));
  return Array.from({ length: count }, (_, k) => {
    const u = (k + 0.5) / count;
    const [x, y] = placeOf(u, fromShare);
    const [tx, ty] = placeOf(u, toShare);
    return [(x + tx) / 2, (y + ty) / 2, tx - x, ty - y] as const;
  });
}
