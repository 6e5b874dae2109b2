import type { TObject } from '@sinclair/typebox';

/** A part of a shape that wants paint of its own, such as a stroke of a letter: its name and the line along its middle, mm. */
export interface Limb {
  readonly name: string;
  readonly alongMm: readonly (readonly [number, number])[];
}

/** What every surface shape must tell about itself. Lengths in mm, areas in mm². */
export interface ShapeDefinition<S extends { kind: string }> {
  readonly id: S['kind'];
  /** What it is called where a shape is chosen. */
  readonly name: string;
  readonly schema: TObject;
  /** What the schema cannot see, in words that follow the shape's place; absent where every value is sound. */
  readonly fault?: (shape: S) => string | undefined;
  readonly areaMm2: (shape: S) => number;
  /** Length of all its edges, holes included. */
  readonly outlineMm: (shape: S) => number;
  readonly bounds: (shape: S) => { readonly widthMm: number; readonly heightMm: number };
  /** The outline as SVG path data in mm, origin at the upper left of the bounds; filled by the even-odd rule. */
  readonly path: (shape: S) => string;
  /** The outline as closed rings of x, y pairs in mm, curves in short chords; what lies within an odd number of rings is face. */
  readonly rings: (shape: S) => readonly (readonly number[])[];
  /** The same shape, so many times as large. */
  readonly scaled: (shape: S, by: number) => S;
  /** Where a tilt must carry paint to: corners of a rectangle, points round the rim of a disc. Clockwise. */
  readonly reaches: (shape: S) => readonly (readonly [number, number])[];
  /** What such a place is called. */
  readonly reachName: { readonly one: string; readonly many: string };
  /** So many places, spread evenly over the face, where cups go down. */
  readonly spots: (shape: S, count: number) => readonly [number, number][];
  /** Parts that want paint of their own; absent where the face is one. */
  readonly limbs?: (shape: S) => readonly Limb[];
  /** Lengths it is known by, mm, in the order they are written. */
  readonly sides: (shape: S) => readonly number[];
  /** What follows the size in words, such as " round". */
  readonly suffix: (shape: S) => string;
}
