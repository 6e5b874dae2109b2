import type { Island } from './islands';

/** What somebody said of cells: at a place, as shares of the picture's sides, is one so wide, mm; where no width is said, none is there. */
export interface CellTold {
  readonly at: readonly [number, number];
  readonly widthMm?: number;
}

/** A finger points no nearer than this, mm. */
const FINGER_MM = 1;

/** The cell a place lies in, or nearly: the narrowest of them, for one may lie in another. */
export const islandAt = (
  islands: readonly Island[],
  [x, y]: readonly [number, number],
): Island | undefined =>
  islands
    .filter(({ atMm, widthMm }) => Math.hypot(atMm[0] - x, atMm[1] - y) <= widthMm / 2 + FINGER_MM)
    .reduce<Island | undefined>(
      (least, one) => (least && least.widthMm <= one.widthMm ? least : one),
      undefined,
    );

/**
 * Cells as they were found, and put right: what was told none is taken out, what was told to be one is there, in the order it was said.
 * @param sizeMm of the picture
 * @param colourAt the number of the colour at a place, mm
 */
export const toldCells = (
  found: readonly Island[],
  told: readonly CellTold[],
  [wideMm, highMm]: readonly [number, number],
  colourAt: (xMm: number, yMm: number) => number,
): readonly Island[] =>
  told.reduce<readonly Island[]>((islands, { at, widthMm }) => {
    const atMm = [at[0] * wideMm, at[1] * highMm] as const;
    const there = islandAt(islands, atMm);
    const rest = islands.filter((one) => one !== there);
    return widthMm === undefined ? rest : [...rest, { atMm, widthMm, of: colourAt(...atMm) }];
  }, found);
