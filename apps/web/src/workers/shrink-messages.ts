/** A picture, the longest side it may keep, px, and how well it is encoded, 0 to 1; the answer is a JPEG. */
export interface ShrinkAsk {
  readonly picture: Blob;
  readonly mostPx: number;
  readonly quality: number;
}
