import { carriedFields } from '../field/kind';
import type { Carry, Point } from '../surface/path';
import { type Move, verbOf } from './move';

interface Face {
  readonly widthMm: number;
  readonly heightMm: number;
}

/** A move with all its places put through `place` and its direction through `deg`; lengths and times stay. */
function placed(
  move: Move,
  place: (at: Point) => Point,
  deg: (was: number) => number,
  face: Face,
): Move {
  const { fields, aim } = verbOf(move);
  const tenth = (mm: number) => Math.round(10 * mm) / 10;
  const carry: Carry = {
    place: (at) => {
      const [x, y] = place(at);
      return [tenth(x), tenth(y)];
    },
    length: (mm) => mm,
    volume: (ml) => ml,
  };
  const there = carriedFields(fields, move, carry);
  const arrow = aim?.of(move, face);
  return aim && arrow
    ? ({ ...there, ...aim.to(there, within(deg(arrow.deg)), arrow.mm) } as Move)
    : there;
}

/** Degrees from −180 to 180, whole. */
const within = (deg: number): number => Math.round(((((deg + 180) % 360) + 360) % 360) - 180);

/** The same move a part of a turn on, clockwise about a place. */
export function turnedMove(move: Move, [cx, cy]: Point, deg: number, face: Face): Move {
  const angle = (deg * Math.PI) / 180;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  return placed(
    move,
    ([x, y]) => [cx + (x - cx) * cos - (y - cy) * sin, cy + (x - cx) * sin + (y - cy) * cos],
    (was) => was + deg,
    face,
  );
}

/** The same move on the other side of the face, left for right. */
export const mirroredMove = (move: Move, face: Face): Move =>
  placed(
    move,
    ([x, y]) => [face.widthMm - x, y],
    (was) => 180 - was,
    face,
  );
