import type { Corners, Neutral, Rings, SquaredUp } from '@potter/core/photograph';

/** What is wanted of a photograph: where the piece is in it, or the piece squared up. */
export type SquareAsk =
  | { readonly kind: 'find'; readonly picture: Blob; readonly outline: Rings | undefined }
  | {
      readonly kind: 'square';
      readonly picture: Blob;
      readonly corners: Corners;
      readonly neutral?: Neutral | undefined;
      /** Of the squared picture, px. */
      readonly width: number;
      readonly height: number;
    };
export type Found = Corners | undefined;
export type Squared = SquaredUp | undefined;
