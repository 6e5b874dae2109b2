import type { Factors } from '../../../factor';
import type { Pile } from '../pile';

/**
 * One reason why what lies below breaks through what lies above. A new one is one such file, named in `index.ts`.
 */
export interface Cause {
  readonly id: string;
  /** As what is told of a picture's cells: "oil". */
  readonly says: string;
  /** As how much lighter than what lies above the lower pile counts, kg/m³; below 0 where it holds cells back. */
  readonly lifts: (above: Pile, below: Pile, factors: Factors) => number;
  /** Tension it puts between the two, N/m. */
  readonly pulls?: (above: Pile, below: Pile, factors: Factors) => number;
  /** By how many times more than weight would it hastens them, beside the once that weight does. */
  readonly hastens?: (above: Pile, below: Pile, factors: Factors) => number;
}
