import { type Bands, bandsOf } from './bands';
import { type Blends, blendsOf } from './blends';
import { calmOf } from './calm';
import { type Composition, compositionOf } from './composition';
import { contrastOf } from './contrast';
import { type Picture, tilesOf } from './tiles';

export { type Unequal, unequalIn } from './against';
export { type Shift, shiftedIn } from './shifted';
export { type Cannot, cannotTell, type TakenSo } from './cannot';
export {
  type CloseRead,
  type ColourMap,
  hexesOf,
  type Planned,
  readClosely,
  type Told,
} from './closely';
export { type CellTold, islandAt, toldCells } from './cells-told';
export { type Growth, growthOf } from './growth';
export { type GrownInAll, grownInAll } from './grown-in-all';
export { type Ahead, growthAhead, type Watched } from './growth-ahead';
export type { Island } from './islands';
export { PLANNED_WITHIN } from './labelled';
export { MUD, OFF, UNPLANNED } from './labels';
export { type AreaSums, areaSums, sumWithin } from './area-sums';
export { calmOf } from './calm';
export { compositionOf } from './composition';
export { contrastOf, spreadSums } from './contrast';
export { patchesOf } from './patches';
export { apartIn, type Picture, type Tiles, tilesOf } from './tiles';

/** What is read off a picture of a piece, computed or photographed. */
export interface PictureRead extends Bands, Blends, Composition {
  /** What part of it is calm: one colour, or one that changes slowly (negative space). */
  readonly calm: number;
}

/**
 * Reads a picture of a piece.
 * @param planned colours as they are meant to be seen
 */
export function readPicture(picture: Picture, planned: readonly string[]): PictureRead {
  const tiles = tilesOf(picture);
  const contrast = contrastOf(tiles);
  const count = (is: Uint8Array) => is.reduce((sum, one) => sum + one, 0);
  const on = count(tiles.on);
  return {
    calm: on > 0 ? count(calmOf(tiles, contrast)) / on : 0,
    ...bandsOf(tiles),
    ...blendsOf(tiles, planned),
    ...compositionOf(tiles, contrast),
  };
}
