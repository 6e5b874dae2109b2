import { polygonArea } from 'd3-polygon';
import { findCorners } from './find-corners';
import { findOutline, type Rings } from './find-outline';
import type { Corners } from './homography';
import type { Pixels } from './table';

/** An outline that fills so much of the box round it has that box's straight sides. */
const STRAIGHT = 0.99;

/**
 * The corners of the box round a piece that lies on a table, as it looks in the photograph: clockwise from the upper left, as shares of the photograph's
 * sides. Straight sides tell their corners; any other outline is laid on. Undefined where nothing of the kind stands out from the table.
 * @param rings the piece's outline, where it is known
 */
export function findPiece(pixels: Pixels, rings: Rings | undefined): Corners | undefined {
  const fills = (ring: Rings[number]) => Math.abs(polygonArea(ring.map(([x, y]) => [x, y])));
  return !rings || rings.some((ring) => fills(ring) >= STRAIGHT)
    ? findCorners(pixels)
    : findOutline(pixels, rings);
}
