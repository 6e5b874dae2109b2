import type { TObject } from '@sinclair/typebox';

/** What every surface shape must tell about itself. Lengths in mm, areas in mm². */
export interface ShapeDefinition<S extends { kind: string }> {
  readonly kind: S['kind'];
  readonly schema: TObject;
  readonly areaMm2: (shape: S) => number;
  readonly outlineMm: (shape: S) => number;
  readonly bounds: (shape: S) => { readonly widthMm: number; readonly heightMm: number };
  /** The outline as SVG path data in mm, origin at the upper left of the bounds. */
  readonly path: (shape: S) => string;
  /** The outline as closed rings of x, y pairs in mm, curves in short chords; what lies within an odd number of rings is face. */
  readonly rings: (shape: S) => readonly (readonly number[])[];
  /** Where a tilt must carry paint to: corners of a rectangle, points round the rim of a disc. Clockwise. */
  readonly reaches: (shape: S) => readonly (readonly [number, number])[];
  /** What such a place is called. */
  readonly reachName: { readonly one: string; readonly many: string };
  /** Lengths it is known by, mm, in the order they are written. */
  readonly sides: (shape: S) => readonly number[];
  /** What follows the size in words, such as " round". */
  readonly suffix: string;
}
