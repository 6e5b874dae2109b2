import { BOTTOM, type Columns, MOST_RUNS, put } from './columns';

/** So many runs from the surface down are told however thin they are: light gets that far. */
export const SEEN_RUNS = 13;

/** Writes a column on the way down through it. */
export interface Descent {
  /** Begins with the stratum at the surface. */
  readonly begin: (surface: number) => void;
  /** Meets a stratum so deep, 0..1 of the film, below all that were met before. */
  readonly meet: (stratum: number, depth: number) => void;
  /** Has come to the ground: what was met is the column of a pixel. */
  readonly end: (columns: Columns, pixel: number) => void;
}

/**
 * Columns hold so many runs and no more, and reach down to the ground all the same: below those that are seen, strata lie together until they are as
 * thick as what is left divided by the runs that are left, and are told by the thickest of them.
 */
export function descent(): Descent {
  const strata = new Uint16Array(MOST_RUNS);
  const ends = new Uint16Array(MOST_RUNS);
  let told = 0;
  // The run under way: where it began, how thick it is at the least, its thickest stratum and how thick that is.
  let from = 0;
  let least = 0;
  let thickest = 0;
  let most = 0;
  // The stratum under way in it, and where that began.
  let stratum = 0;
  let since = 0;

  function leave(depth: number): void {
    const own = depth - since;
    if (own <= most) return;
    most = own;
    thickest = stratum;
  }

  /** The run under way ends so deep. */
  function tell(depth: number): void {
    if (told === 0 || strata[told - 1] !== thickest) strata[told++] = thickest;
    ends[told - 1] = Math.round(BOTTOM * depth);
    from = depth;
    most = -1;
    least = told < SEEN_RUNS ? 0 : (1 - from) / (MOST_RUNS - told);
  }

  return {
    begin: (surface) => {
      told = from = least = since = 0;
      most = -1;
      stratum = surface;
    },
    meet: (next, depth) => {
      if (next === stratum || depth >= 1) return;
      leave(depth);
      if (depth - from >= least) tell(depth);
      stratum = next;
      since = depth;
    },
    end: (columns, pixel) => {
      leave(1);
      tell(1);
      put(columns, pixel, strata, ends, told);
    },
  };
}
