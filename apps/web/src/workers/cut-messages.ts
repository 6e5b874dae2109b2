import type { Cut, CutAsk as Wanted, Hanging } from '@potter/core/cut';
import type { OfFace } from './squared-face';

/** The cuts that are wanted of a photographed piece. */
export interface CutAsk extends OfFace {
  readonly wanted: Wanted;
}

/** A picture, four bytes a pixel in rows from the top. */
export interface Pixels {
  readonly width: number;
  readonly height: number;
  readonly rgba: Uint8ClampedArray;
}

/** The piece as it was looked at, and each cut with what it shows and the ways to hang it. */
export interface CutAnswer {
  readonly whole: Pixels;
  readonly cuts: readonly {
    readonly cut: Cut;
    readonly shows: Pixels;
    readonly ways: readonly Hanging[];
  }[];
}
