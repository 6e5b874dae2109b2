import type { Met } from './act';
import { BOTTOM, type Columns, MOST_RUNS, put } from './columns';

/** So many runs from the surface down are told one by one: light gets that far. */
export const SEEN_RUNS = 17;
/**
 * What is thinner than this share of how deep it ends is no run of its own: under so much paint it is not seen, and told it would take the room of what is.
 * Tuned: with 0.03 columns come out 0.01 worse, with 0 two in five of a flip have more than there is room for.
 */
export const THIN = 0.02;

/** Writes a column on the way down through it. */
export interface Descent {
  /** Begins with the stratum at the surface. */
  readonly begin: (surface: number) => void;
  /** Meets the first so many of these strata, each so deep, 0..1 of the film, one below the other and below all that were met before. */
  readonly meet: (met: Pick<Met, 'strata' | 'depth'>, count: number) => void;
  /** Has come to the ground: what was met is the column of a pixel. */
  readonly end: (columns: Columns, pixel: number) => void;
}

/**
 * Columns hold so many runs and no more, and reach down to the ground all the same: strata lie together until they are thick enough to be seen, and below
 * those that are, as thick as what is left divided by the runs that are left; they are told by the thickest of them.
 */
export function descent(): Descent {
  const strata = new Uint16Array(MOST_RUNS);
  const ends = new Uint16Array(MOST_RUNS);
  let told = 0;
  // In one object: engines make an object of each number that is written to a closure's own variable.
  const under = {
    /** The run under way: where it began, how thick it is at the least, its thickest stratum and how thick that is. */
    from: 0,
    least: 0,
    thickest: 0,
    most: 0,
    /** The stratum under way in it, and where that began. */
    stratum: 0,
    since: 0,
  };

  function leave(depth: number): void {
    const own = depth - under.since;
    if (own <= under.most) return;
    under.most = own;
    under.thickest = under.stratum;
  }

  /** The run under way ends so deep. */
  function tell(depth: number): void {
    const { thickest } = under;
    if (told === 0 || strata[told - 1] !== thickest) strata[told++] = thickest;
    ends[told - 1] = Math.round(BOTTOM * depth);
    under.from = depth;
    under.most = -1;
    under.least = told < SEEN_RUNS ? 0 : (1 - depth) / (MOST_RUNS - told);
  }

  return {
    begin: (surface) => {
      told = 0;
      under.from = under.least = under.since = 0;
      under.most = -1;
      under.stratum = surface;
    },
    meet: (met, count) => {
      for (let n = 0; n < count; n++) {
        const next = met.strata[n]!;
        const depth = met.depth[n]!;
        if (next === under.stratum || depth >= 1) continue;
        leave(depth);
        if (depth - under.from >= Math.max(under.least, THIN * depth)) tell(depth);
        under.stratum = next;
        under.since = depth;
      }
    },
    end: (columns, pixel) => {
      leave(1);
      tell(1);
      put(columns, pixel, strata, ends, told);
    },
  };
}
