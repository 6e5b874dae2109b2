import type { Corners, EvenedBy, Neutral } from '@potter/core/photograph';
import type { Cannot, CellTold, CloseRead, Planned, Told } from '@potter/core/reading';

/** The face a picture is of. */
export interface Face {
  readonly widthMm: number;
  readonly heightMm: number;
  /** Its outline as SVG path data in mm, by the even-odd rule. */
  readonly path: string;
}

interface Ask {
  readonly planned: readonly Planned[];
  readonly face: Face;
}

/** What is to be read: a photograph with its piece's corners, or a computed picture. */
export type ReadAsk =
  | (Ask & {
      readonly kind: 'photograph';
      readonly picture: Blob;
      readonly corners: Corners;
      readonly neutral?: Neutral | undefined;
      readonly told?: readonly Told[] | undefined;
      readonly cells?: readonly CellTold[] | undefined;
      /** Wet or coated: a lamp may shine in it. */
      readonly shiny: boolean;
    })
  | (Ask & {
      readonly kind: 'computed';
      readonly width: number;
      readonly height: number;
      readonly rgba: Uint8ClampedArray;
    });

/** What was read, what it cannot tell, and by what the light was known. */
export interface ReadAnswer {
  readonly read: CloseRead;
  readonly cannot: Cannot;
  readonly light: EvenedBy | 'computed';
}
