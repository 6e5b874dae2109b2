import type { SurfaceMeasure } from '../../surface/measure';
import type { Budget, SchoolId } from '../schema';

/** A way to reckon how much colour a surface takes. Gives grams or millilitres, whichever its rule is stated in. */
export interface School {
  readonly id: SchoolId;
  readonly name: string;
  readonly says: string;
  /** Whether its colours are laid over a base coat that comes on top. */
  readonly overBase: boolean;
  /** Whether covered edges are in its figure; where not, edges want a pot of their own. */
  readonly countsEdges: boolean;
  /** Insurance a new plan starts with. */
  readonly insurance: number;
  readonly colours: (
    measure: SurfaceMeasure,
    budget: Budget,
  ) => { readonly g: number } | { readonly ml: number };
}
