import type { House, Piece } from '@potter/core/rack';

/** What every part of the rack's screen looks at: all that is on its way, how the house works, and the moment on the wall. */
export interface OnRack {
  readonly pieces: readonly Piece[];
  readonly house: House;
  readonly now: number;
}
