import type { Move } from '../../verb';

/** What a pattern of dots may look at when it writes its moves. */
export interface DotGround {
  readonly widthMm: number;
  readonly heightMm: number;
  /** The middle of the face; where that is a hole, a place on it. */
  readonly middle: readonly [number, number];
  /** Mixes for the dots, in the artist's order. */
  readonly mixes: readonly string[];
  /** The largest dot, mm across. */
  readonly dotMm: number;
  /** As many dots or petals round, and as many rings or rows. */
  readonly round: number;
  readonly rows: number;
}

/** A pattern of dots over a coat that has cured. A new one is one such file, named in `index.ts`. */
export interface DotPattern<I extends string = string> {
  readonly id: I;
  readonly name: string;
  readonly says: string;
  readonly moves: (ground: DotGround) => readonly DotMove[];
}

type DotMove = Extract<Move, { verb: 'dot' }>;

export const defineDotPattern = <const I extends string>(pattern: DotPattern<I>): DotPattern<I> =>
  pattern;

/** As far from the middle as dots go: clear of the edge, where a coat is thin. */
export const outMm = ({ widthMm, heightMm, middle: [x, y], dotMm }: DotGround): number =>
  Math.max(dotMm, 0.9 * Math.min(x, y, widthMm - x, heightMm - y) - dotMm / 2);

/** One of the mixes, over and over in turn. */
export const mixFor = ({ mixes }: DotGround, nth: number): string => mixes[nth % mixes.length]!;

/** Seconds a dot takes with dipping (common practice, no published source). */
export const S_PER_DOT = 3;

export const at = ([x, y]: readonly [number, number]): [number, number] => [x, y];

export const tenth = (mm: number): number => Math.round(10 * mm) / 10;
