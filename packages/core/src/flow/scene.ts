import type { Act } from './act';
import type { Board } from './board';
import type { Stands } from './layers';

/** Everything the flow needs of a plan, but colours. */
export interface PourScene extends Board {
  /** Kinematic viscosity, m²/s: the mean of all that is poured. */
  readonly nu: number;
  /** That of each mix; absent where they are all alike. */
  readonly nuOf?: Readonly<Record<string, number>>;
  /** How much thicker the film gets as it stands: rise of ln ν a second. Absent where it stays as it was poured. */
  readonly setsPerS?: number;
  /** How paint keeps a shape that has got so thick; absent where it never does. */
  readonly stands?: Stands;
  /** What happens to the film, in order; at most `MOST_ACTS`. */
  readonly acts: readonly Act[];
  /**
   * What of it goes on at the same time: turns, one after the other, each with its lanes, each lane so many acts in a row. Absent where every
   * act waits for the one before it.
   */
  readonly turns?: readonly (readonly number[])[];
}
