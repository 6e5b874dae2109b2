import type { TObject } from '@sinclair/typebox';

/** A place on a surface, mm from its upper left: x right, y down. */
export type Point = readonly [x: number, y: number];

/** A length, a count or an angle a path is told by, with its limits; as a field of a form shows it. */
export interface PathNumber {
  readonly label: string;
  readonly min: number;
  readonly max: number;
  readonly unit?: 'mm' | 'deg';
  /** What holds where a document leaves it out; one without this never is. */
  readonly usual?: number;
}

export interface Size {
  readonly widthMm: number;
  readonly heightMm: number;
}

/** From one face to another: where a place of the one lies on the other, how long a length of the one is there, and how much paint is as much. */
export interface Carry {
  readonly place: (at: Point) => [number, number];
  readonly length: (mm: number) => number;
  /** How much paint lies as thick there as so much does here, mL. */
  readonly volume: (ml: number) => number;
}

/** A way a hand may go over a surface. A new one is one such file, named in `index.ts`. */
export interface PathShape<P extends { kind: string }> {
  readonly id: P['kind'];
  /** What it is called where one is chosen. */
  readonly title: string;
  readonly schema: TObject;
  /** Its numbers, by the names they have in the document. */
  readonly numbers: Readonly<Record<string, PathNumber>>;
  /** One that lies well on a face of this size. */
  readonly start: (size: Size) => P;
  /** The way as a line of points from its beginning to its end, curves in chords that stray less than `CHORD_MM`. */
  readonly points: (path: P) => readonly Point[];
  /** What its first handles are called, where each is a place of its own; handles after them only change its numbers. */
  readonly places: (path: P) => readonly string[];
  /** It goes straight from end to end. */
  readonly straight?: true;
  /** Where it may be taken hold of. */
  readonly handles: (path: P) => readonly Point[];
  /** The path with one of its handles drawn to another place. */
  readonly moved: (path: P, handle: number, to: Point) => P;
  /** The way of this kind nearest to one a finger drew, as its points in order, mm. */
  readonly fitted: (drawn: readonly Point[]) => P;
  /** The same way on another face. */
  readonly carried: (path: P, carry: Carry) => P;
  /** The way in words that follow "pour it". */
  readonly says: (path: P) => string;
}

/** The farthest a chord may stray from its curve, mm: finer than any hand. */
export const CHORD_MM = 0.2;

/** Chords a full turn at this radius is drawn with, for none to stray by more than `CHORD_MM`: r·(1 − cos(π ÷ n)). */
export const chordsOfTurn = (radiusMm: number): number =>
  Math.max(
    12,
    Math.ceil(Math.PI / Math.acos(1 - Math.min(1, CHORD_MM / Math.max(radiusMm, CHORD_MM)))),
  );

export const between = (a: Point, b: Point, share: number): Point => [
  a[0] + (b[0] - a[0]) * share,
  a[1] + (b[1] - a[1]) * share,
];

export const apart = (a: Point, b: Point): number => Math.hypot(b[0] - a[0], b[1] - a[1]);
