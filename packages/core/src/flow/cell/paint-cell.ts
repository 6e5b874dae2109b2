import type { Factors } from '../../factor';
import type { CauseId } from './cause';
import type { Ripe } from './ripen';
import type { Matrix } from './stretch';

/** A cell of a finished pour. Lengths mm from the corner of the piece. */
export interface PaintCell {
  readonly atMm: readonly [number, number];
  /** Takes what is so far from its middle, mm, to where it was while the cell was round, in radii: row by row. */
  readonly toRound: Matrix;
  /** How its outline differs from round: see `rhoAt`. */
  readonly wobble: readonly [one: number, other: number];
  /** How far from its middle it reaches at the most, mm. */
  readonly reachMm: number;
  /** Radius of the disc that is as large as it, mm, rim and all. */
  readonly radiusMm: number;
  readonly ripe: Ripe;
  /** Its own pace: it thins so much faster than usual. */
  readonly pace: number;
  /** What drives it most. */
  readonly cause: CauseId;
}

/** The cells of a pour, and the factors they go by. */
export interface Cells {
  readonly cells: readonly PaintCell[];
  readonly factors: Factors;
}
