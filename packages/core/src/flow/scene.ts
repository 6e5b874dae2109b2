import type { Act } from './act';

/** What holds paint back: a front on dry ground, a dry edge, and the part of that an edge holds once it is wet. */
export interface Holds {
  readonly frontMm: number;
  readonly edgeMm: number;
  readonly wetEdgeShare: number;
}

/** Everything the flow needs of a plan, but colours. */
export interface PourScene {
  readonly widthMm: number;
  readonly heightMm: number;
  /** Outline as closed rings of x, y pairs, mm; inside by the even-odd rule, so holes are rings too. */
  readonly rings: readonly (readonly number[])[];
  /** Where tilts must carry paint to, mm. */
  readonly reachesMm: readonly (readonly [number, number])[];
  /** Height of a raised rim, mm: what stands higher runs over it. Absent where the edge is open. */
  readonly rimMm?: number;
  /** Of the film on it, what a raw ground holds fast, mm. Absent where it is sealed or primed. */
  readonly drinksMm?: number;
  /** Sides that are part of the piece: how far down, and what film stays on them. Absent where what runs over is lost. */
  readonly edge?: { readonly depthMm: number; readonly filmMm: number };
  /** What holds paint back, where it is not as usual. */
  readonly holds?: Holds;
  /** Kinematic viscosity, m²/s: the mean of all that is poured. */
  readonly nu: number;
  /** That of each mix; absent where they are all alike. */
  readonly nuOf?: Readonly<Record<string, number>>;
  /** How much thicker the film gets as it stands: rise of ln ν a second. Absent where it stays as it was poured. */
  readonly setsPerS?: number;
  /** What happens to the film, in order; at most `MOST_ACTS`. */
  readonly acts: readonly Act[];
  /**
   * What of it goes on at the same time: turns, one after the other, each with its lanes, each lane so many acts in a row. Absent where every
   * act waits for the one before it.
   */
  readonly turns?: readonly (readonly number[])[];
  readonly seed: number;
}
