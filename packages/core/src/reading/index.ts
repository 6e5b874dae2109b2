import { type Bands, bandsOf } from './bands';
import { type Blends, blendsOf } from './blends';
import { type Composition, compositionOf } from './composition';
import { contrastOf } from './contrast';
import { type Picture, tilesOf } from './tiles';

export type { Picture } from './tiles';

/** What is read off a picture of a piece, computed or photographed. */
export interface PictureRead extends Bands, Blends, Composition {
  /** What part of it is calm: one colour, or one that changes slowly (negative space). */
  readonly calm: number;
}

/** Round a calm place colours differ by less than this, ΔE 1976. */
const CALM = 5;

/**
 * Reads a picture of a piece.
 * @param planned colours as they are meant to be seen
 */
export function readPicture(picture: Picture, planned: readonly string[]): PictureRead {
  const tiles = tilesOf(picture);
  const contrast = contrastOf(tiles);
  let on = 0;
  let calm = 0;
  for (let tile = 0; tile < contrast.length; tile++) {
    if (!tiles.on[tile]) continue;
    on++;
    if (contrast[tile]! < CALM) calm++;
  }
  return {
    calm: on > 0 ? calm / on : 0,
    ...bandsOf(tiles),
    ...blendsOf(tiles, planned),
    ...compositionOf(tiles, contrast),
  };
}
