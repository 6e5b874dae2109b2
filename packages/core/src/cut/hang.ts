import { compositionOf, contrastOf, type Picture, tilesOf } from '../reading';

/** Turned so far clockwise a piece may hang. */
export const TURNS = [0, 90, 180, 270] as const;
export type Turn = (typeof TURNS)[number];

/** A way to hang it: how far its darkness lies low, −1 to 1, and where in height the eye goes, 0 the top. */
export interface Hanging {
  readonly turn: Turn;
  readonly low: number;
  readonly eye: number;
}

/**
 * The ways to hang a picture, the steadiest first: dark is heavy and stands best low; the eye likes to rest a third from the top (common practice, no
 * published source).
 */
export function hangings(picture: Picture): Hanging[] {
  const tiles = tilesOf(picture);
  const { ninths, balance } = compositionOf(tiles, contrastOf(tiles));
  const row = (of: (n: number) => number) =>
    [0, 1, 2].map((k) => ninths.reduce((sum, own, n) => sum + (of(n) === k ? own : 0), 0));
  const [rows, columns] = [row((n) => Math.floor(n / 3)), row((n) => n % 3)];
  const middle = (of: readonly number[]) =>
    of.reduce((sum, own, k) => sum + own * ((k + 0.5) / 3), 0) /
    (of.reduce((sum, own) => sum + own, 0) || 1);
  const [right, down] = balance;
  const [eyeX, eyeY] = [middle(columns), middle(rows)];
  // Turned a quarter clockwise, what was at the left is at the top.
  const ways: Hanging[] = [
    { turn: 0, low: down, eye: eyeY },
    { turn: 90, low: right, eye: eyeX },
    { turn: 180, low: -down, eye: 1 - eyeY },
    { turn: 270, low: -right, eye: 1 - eyeX },
  ];
  return ways.sort((a, b) => steadiness(b) - steadiness(a));
}

const THIRD = 1 / 3;
const steadiness = ({ low, eye }: Hanging): number => low - Math.abs(eye - THIRD);
