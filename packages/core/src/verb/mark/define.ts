import type { Point } from '../../surface/path';

/** A face a mark is drawn on, mm. */
export interface Face {
  readonly widthMm: number;
  readonly heightMm: number;
  /** Its outline, closed rings of x, y pairs. */
  readonly rings: readonly (readonly number[])[];
}

/** One line of a drawing, mm. */
export interface Stroke {
  readonly points: readonly Point[];
  readonly closed?: boolean;
  readonly filled?: boolean;
  /** Ends in a head, to show which way. */
  readonly arrow?: boolean;
}

/**
 * How a mark is drawn, the same on screen and on the printed template. A new one is one such file, named in `index.ts`.
 */
export interface MarkDefinition<M extends { readonly kind: string }> {
  readonly id: M['kind'];
  /** Drawn whole: where a move is chosen, and on paper. */
  readonly strokes: (mark: M, face: Face) => readonly Stroke[];
  /** Drawn where others are chosen: all at once would be a tangle. */
  readonly hint: (mark: M, face: Face) => readonly Stroke[];
  /** Where the move's number stands; none where it is told by the whole face. */
  readonly at: (mark: M, face: Face) => Point | undefined;
  /** Whether the number is shown where another move is chosen. */
  readonly numbered: boolean;
  /** Whether it belongs on a template under the piece. */
  readonly printed: boolean;
}

/** Sizes that are for the eye only follow the face: about 12 px on a phone's drawing. */
export const unitOf = ({ widthMm, heightMm }: Face): number => Math.max(widthMm, heightMm) / 28;

export const middleOf = ({ widthMm, heightMm }: Face): Point => [widthMm / 2, heightMm / 2];

/** The point so far from another in a direction, degrees clockwise from +x, and so far to its right. */
export function toward([x, y]: Point, deg: number, along: number, across = 0): Point {
  const a = (deg * Math.PI) / 180;
  return [
    x + along * Math.cos(a) - across * Math.sin(a),
    y + along * Math.sin(a) + across * Math.cos(a),
  ];
}

/** An arc as chords, degrees clockwise from +x. */
export const arcPoints = (
  centre: Point,
  rMm: number,
  fromDeg: number,
  sweepDeg: number,
): Point[] => {
  const count = Math.max(2, Math.ceil(Math.abs(sweepDeg) / 7.5));
  return Array.from({ length: count + 1 }, (_, i) =>
    toward(centre, fromDeg + (sweepDeg * i) / count, rMm),
  );
};
