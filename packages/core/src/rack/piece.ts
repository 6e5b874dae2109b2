import type { CoatWanted } from '../journal/coats-after';
import type { DryingAct } from '../journal/rack';

/** A piece, or a set, on its way: planned, or poured and drying. Times are minutes as in `minutes.ts`. */
export interface Piece {
  readonly id: string;
  readonly plan: string;
  readonly title: string;
  /** When it is to be poured; when the stage it dries of ended, where it has been. Undefined where it has no day. */
  readonly pour?: number;
  readonly poured: boolean;
  /** How long the pour takes. */
  readonly runMin: number;
  /** What it may have done to it, from its end on. */
  readonly acts: readonly DryingAct[];
  /** The same by the quick school of waiting, where that is quicker. */
  readonly quick?: readonly DryingAct[];
  readonly due?: number;
  /** Of one piece as it lies, and how many there are. */
  readonly widthMm: number;
  readonly heightMm: number;
  readonly pieces: number;
  /** It was found to be dry to the touch. */
  readonly looked?: boolean;
  /** What was done to it since, beside its stages. */
  readonly done?: readonly ('clean' | 'hung' | 'posted')[];
  /** What one of them is sold for. */
  readonly price?: number;
  /** Who it is for. */
  readonly for?: string;
  /** Top coats it takes yet, all pieces together. */
  readonly coats?: readonly CoatWanted[];
}
