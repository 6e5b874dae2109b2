import type { Outlet, Stratum } from '../cup/withdraw';

/** What the flow knows; every verb compiles to some of these, in the order they happen. Lengths in mm, angles clockwise from +x. */
export type Primitive = Overlay | Stream | Tilt | Rest;

/** An even film laid over all there is, at once: a base coat on bare ground, paint spread over paint, a wet edge. */
export interface Overlay {
  readonly kind: 'overlay';
  readonly mix: string;
  readonly filmMm: number;
  /** Only along the outline, this wide. */
  readonly bandMm?: number;
}

/** Paint arriving from above on a disc that may move. */
export interface Stream {
  readonly kind: 'stream';
  /** Where it goes, followed evenly. */
  readonly pathMm: readonly (readonly [number, number])[];
  /** Radius of the disc at shares of its paint, 0..1, straight between them. */
  readonly radiusMm: readonly { readonly at: number; readonly mm: number }[];
  /** How far the disc strays from its path. */
  readonly strayMm: number;
  readonly s: number;
  /** Fills the film to the ground where it stands, as a cup turned over does; else it lies on what is there. */
  readonly core: boolean;
  /** The cup it comes from: its strata, first in first, how far they were stirred, how it empties. See `withdraw`. */
  readonly strata: readonly (Stratum & { readonly mix: string })[];
  readonly stir: number;
  readonly outlet: Outlet;
  /** How strata lie across the stream: as rings round it, or stacked toward the pouring side. */
  readonly lamination: 'rings' | 'stack';
}

/** All a stream brings, mL. */
export const streamMl = ({ strata }: Stream): number => strata.reduce((sum, l) => sum + l.ml, 0);

/** Tilted, down toward an angle. */
export interface Tilt {
  readonly kind: 'tilt';
  readonly towardDeg: number;
  readonly angleDeg: number;
  readonly s: number;
}

/** Left level. */
export interface Rest {
  readonly kind: 'rest';
  readonly s: number;
}

/** Everything the flow needs of a plan, but colours. */
export interface PourScene {
  readonly widthMm: number;
  readonly heightMm: number;
  /** Outline as closed rings of x, y pairs, mm; inside by the even-odd rule, so holes are rings too. */
  readonly rings: readonly (readonly number[])[];
  /** Where tilts must carry paint to, mm. */
  readonly reachesMm: readonly (readonly [number, number])[];
  /** A raised rim lets nothing over the edge. */
  readonly raisedRim: boolean;
  /** Kinematic viscosity, m²/s: one for the whole pour. */
  readonly nu: number;
  readonly primitives: readonly Primitive[];
  readonly seed: number;
}
