import { solve } from './solve';

/** A place on a picture or a piece, in whatever unit its plane has. */
export type Place = readonly [number, number];
export type Corners = readonly [Place, Place, Place, Place];

/** The corners of an upright rectangle, clockwise from the upper left. */
export const boxOf = (wide: number, tall: number): Corners => [
  [0, 0],
  [wide, 0],
  [wide, tall],
  [0, tall],
];

/**
 * How one plane seen aslant lies on another: a 3 × 3 matrix in rows, its last entry 1, so that a place (x, y) goes to (ax + by + c, dx + ey + f) ÷ (gx + hy + 1).
 */
export type Homography = readonly [number, number, number, number, number, number, number, number];

/**
 * The homography that takes four places to four others, by its eight equations (Hartley and Zisserman, Multiple View Geometry, 4.1). Undefined where three of
 * them lie in a line: there is none.
 */
export function homographyOf(from: Corners, to: Corners): Homography | undefined {
  const rows = from.flatMap(([x, y], i) => {
    const [u, v] = to[i]!;
    return [
      [x, y, 1, 0, 0, 0, -u * x, -u * y, u],
      [0, 0, 0, x, y, 1, -v * x, -v * y, v],
    ];
  });
  const solved = solve(rows);
  return solved as Homography | undefined;
}

export const through = ([a, b, c, d, e, f, g, h]: Homography, [x, y]: Place): Place => {
  const w = g * x + h * y + 1;
  return [(a * x + b * y + c) / w, (d * x + e * y + f) / w];
};
