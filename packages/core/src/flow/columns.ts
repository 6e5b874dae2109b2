/** Strata a pixel's column is told by at the most; what lies deeper goes with the last, and is hidden by them. */
export const MOST_RUNS = 14;

/** Depth of the ground below the surface, as columns count it. */
export const BOTTOM = 65_535;

/**
 * The wet column of every pixel as runs of strata, surface first. `count`: runs of each pixel, 0 off the paint. `strata` and `ends`:
 * `MOST_RUNS` entries a pixel, of which the first `count` are told: which stratum, and how deep it ends, 0..`BOTTOM` of the film.
 */
export interface Columns {
  readonly count: Uint8Array;
  readonly strata: Uint16Array;
  readonly ends: Uint16Array;
}

export const emptyColumns = (pixels: number): Columns => ({
  count: new Uint8Array(pixels),
  strata: new Uint16Array(pixels * MOST_RUNS),
  ends: new Uint16Array(pixels * MOST_RUNS),
});

/** Columns of some of the pixels, from one to before another: the same numbers, not others like them. */
export const columnsIn = (
  { count, strata, ends }: Columns,
  first: number,
  past: number,
): Columns => ({
  count: count.subarray(first, past),
  strata: strata.subarray(first * MOST_RUNS, past * MOST_RUNS),
  ends: ends.subarray(first * MOST_RUNS, past * MOST_RUNS),
});

/**
 * Goes on with a pixel's column: `stratum` from `from` down, 0..1 of the film, to the ground as far as is known.
 * @returns whether there is room for more
 */
export function goOn(
  { count, strata, ends }: Columns,
  pixel: number,
  stratum: number,
  from: number,
): boolean {
  const runs = count[pixel]!;
  const at = pixel * MOST_RUNS + runs;
  if (runs > 0 && strata[at - 1] === stratum) return true;
  if (runs === MOST_RUNS) return false;
  if (runs > 0) ends[at - 1] = Math.round(BOTTOM * from);
  strata[at] = stratum;
  ends[at] = BOTTOM;
  count[pixel] = runs + 1;
  return true;
}
