/** Runs of four cores side by side at the most, and knots of all of them; what lies deeper is hidden by them. */
export const MOST_RUNS = 48;
export const MOST_KNOTS = 960;

/**
 * Four cores told by the same runs of paint, as cores of neighbouring boreholes are laid side by side. A run that one of them lacks pinches
 * out there: it has no thickness where it would lie. Corners: 0 upper left, 1 upper right, 2 lower left, 3 lower right.
 */
export interface Correlated {
  /** 1 for each corner that has a core. */
  readonly corners: Uint8Array;
  runs: number;
  readonly source: Uint16Array;
  /** Where each run begins, four entries a run, and 0 after the last: the ground. */
  readonly tops: Float32Array;
  /** 1 where a corner has the run, four entries a run. */
  readonly has: Uint8Array;
  /** Knots of each run: from `knots[run]` to before `knots[run + 1]`; `depth`: how far down in it each is, 0..1. Four entries a knot: `bin`, `acrossStream`. */
  readonly knots: Uint16Array;
  readonly depth: Float32Array;
  readonly bin: Float32Array;
  readonly acrossStream: Float32Array;
}

export const emptyCorrelated = (): Correlated => ({
  corners: new Uint8Array(4),
  runs: 0,
  source: new Uint16Array(MOST_RUNS),
  tops: new Float32Array(4 * (MOST_RUNS + 1)),
  has: new Uint8Array(4 * MOST_RUNS),
  knots: new Uint16Array(MOST_RUNS + 1),
  depth: new Float32Array(MOST_KNOTS),
  bin: new Float32Array(4 * MOST_KNOTS),
  acrossStream: new Float32Array(4 * MOST_KNOTS),
});
