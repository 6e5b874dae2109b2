import type { SurfaceMeasure } from '../../surface/measure';

/** What a school's rule may be told by, where it has a figure of its own. */
interface SchoolFigures {
  readonly laidMm?: number;
  readonly gPerCm2?: number;
}

/** A way to reckon how much colour a surface takes. Gives grams or millilitres, whichever its rule is stated in. */
export interface School {
  readonly id: string;
  readonly name: string;
  readonly says: string;
  /** Whether its colours are laid over a base coat that comes on top. */
  readonly overBase: boolean;
  /** Whether covered edges are in its figure; where not, edges want a pot of their own. */
  readonly countsEdges: boolean;
  /** Insurance a new plan starts with. */
  readonly insurance: number;
  /** Its figure covers everything that is laid: a base is taken out of the colours, never below the lean figure. */
  readonly holdsBase?: boolean;
  /** Figures a new plan starts with. */
  readonly starts?: SchoolFigures;
  readonly colours: (
    measure: SurfaceMeasure,
    figures: SchoolFigures,
  ) => { readonly g: number } | { readonly ml: number };
}
