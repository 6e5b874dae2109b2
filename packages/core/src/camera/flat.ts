/** What lies on the table, seen from straight above: a picture with its alpha, four bytes a pixel in rows from the top. */
export interface Flat {
  readonly width: number;
  readonly height: number;
  readonly rgba: Uint8ClampedArray;
}
