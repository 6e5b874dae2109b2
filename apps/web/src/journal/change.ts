import type { Piece } from '@potter/core/piece';

/** Changes a piece by what it is now. */
export type Change = (change: (piece: Piece) => Piece) => void;
