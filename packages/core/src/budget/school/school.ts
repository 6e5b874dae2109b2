import type { SurfaceMeasure } from '../../surface/measure';

/** What a school's rule may be told by, where it has a figure of its own. */
interface SchoolFigures {
  readonly laidMm?: number;
  readonly gPerCm2?: number;
  /** Whether covered edges are in its figure, where its rule may be told either way. */
  readonly countEdges?: boolean;
}

/** A way to reckon how much colour a surface takes. Gives grams or millilitres, whichever its rule is stated in. */
export interface School {
  readonly id: string;
  readonly name: string;
  readonly says: string;
  /** Whether its colours are laid over a base coat that comes on top. */
  readonly overBase: boolean;
  /** The school of the same figure with a base, or without one, where there is one. */
  readonly otherGround?: string;
  /** Its rule may count covered edges in, by a switch; as it is spoken it is for the face. */
  readonly mayCountEdges?: true;
  /** Insurance a new plan starts with. */
  readonly insurance: number;
  /** Its figure covers everything that is laid on the face: a base is taken out of the colours, never below the lean figure. */
  readonly holdsBase?: boolean;
  /** Figures a new plan starts with. */
  readonly starts?: SchoolFigures;
  readonly colours: (
    measure: SurfaceMeasure,
    figures: SchoolFigures,
  ) => { readonly g: number } | { readonly ml: number };
}
