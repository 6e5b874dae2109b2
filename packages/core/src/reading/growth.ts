import type { Island } from './islands';

/** How cells changed from one picture of a resting piece to the next. */
export interface Growth {
  /** Cells that are in both. */
  readonly pairs: number;
  /** How much wider the middle one of them became, as a share; and how far off that may be, in 95 of 100 cases. */
  readonly grown: number;
  readonly within: number;
  /** Where all of it moved, mm. */
  readonly driftMm: readonly [number, number];
  /** Cells that are only in the later, and only in the earlier. */
  readonly opened: number;
  readonly closed: number;
}

/** A cell is looked for no further from where it was than this share of its width, and this many mm, once all of it has moved. */
const NEAR = { share: 0.5, mm: 2 } as const;
/** It does not become wider by more than this between two pictures, nor narrower. */
const FACTOR = 2;
/** Two photographs of one piece that did not change tell widths alike to this, and no better (made ones, and one of the demo squared up twice). */
const SURE = 0.02;
/** From fewer cells than this nothing is told. */
const FEW = 6;
/** The middle of n has a standard error of 0.93 quartile distances over √n where they are normal (1.253 × 0.741). */
const OF_QUARTILES = 0.93;

/**
 * How the cells of a resting piece grew between two pictures: each cell with the one of its colour it is nearest to, both ways. Undefined where too few are
 * in both.
 */
export function growthOf(before: readonly Island[], after: readonly Island[]): Growth | undefined {
  // A first pairing tells how far all of it moved, a second one by that which cell is which.
  const first = paired(before, after, [0, 0]);
  const driftMm = driftOf(first);
  const pairs = paired(before, after, driftMm);
  if (pairs.length < FEW) return undefined;
  const ratios = pairs.map(([a, b]) => b.widthMm / a.widthMm).sort((a, b) => a - b);
  const quartiles = quantile(ratios, 0.75) - quantile(ratios, 0.25);
  return {
    pairs: pairs.length,
    grown: quantile(ratios, 0.5) - 1,
    within: Math.max(SURE, (2 * OF_QUARTILES * quartiles) / Math.sqrt(pairs.length)),
    driftMm: driftOf(pairs),
    opened: after.length - pairs.length,
    closed: before.length - pairs.length,
  };
}

type Pair = readonly [before: Island, after: Island];

function paired(
  before: readonly Island[],
  after: readonly Island[],
  [dx, dy]: readonly [number, number],
): Pair[] {
  const off = (a: Island, b: Island): number =>
    Math.hypot(b.atMm[0] - a.atMm[0] - dx, b.atMm[1] - a.atMm[1] - dy);
  const fits = (a: Island, b: Island): boolean =>
    a.of === b.of &&
    b.widthMm < FACTOR * a.widthMm &&
    a.widthMm < FACTOR * b.widthMm &&
    off(a, b) <= Math.max(NEAR.mm, NEAR.share * a.widthMm);
  const nearest = <T>(among: readonly T[], how: (one: T) => number): T | undefined =>
    among.reduce<T | undefined>(
      (best, one) => (best === undefined || how(one) < how(best) ? one : best),
      undefined,
    );
  return before.flatMap((a): Pair[] => {
    const b = nearest(
      after.filter((one) => fits(a, one)),
      (one) => off(a, one),
    );
    if (!b) return [];
    const back = nearest(
      before.filter((one) => fits(one, b)),
      (one) => off(one, b),
    );
    return back === a ? [[a, b]] : [];
  });
}

const driftOf = (pairs: readonly Pair[]): readonly [number, number] =>
  [0, 1].map((k) =>
    quantile(
      pairs.map(([a, b]) => b.atMm[k]! - a.atMm[k]!).sort((p, q) => p - q),
      0.5,
    ),
  ) as unknown as readonly [number, number];

/** Of sorted values, between two of them evenly; 0 of none. */
function quantile(sorted: readonly number[], share: number): number {
  if (sorted.length === 0) return 0;
  const at = share * (sorted.length - 1);
  const below = Math.floor(at);
  const [low, high] = [sorted[below]!, sorted[Math.min(sorted.length - 1, below + 1)]!];
  return low + (at - below) * (high - low);
}
