/** Strata a pixel's column is told by at the most; what lies deeper goes with the last, and is hidden by them. */
export const MOST_RUNS = 24;

/** Depth of the ground below the surface, as columns count it. */
export const BOTTOM = 65_535;

/** Runs on a page: two to this. A page is 128 kB, and a small picture has one or two. */
const PAGE_BITS = 15;
const PAGE = 2 ** PAGE_BITS;

/** Runs of many columns, one column after the other: which stratum each is, and how deep it ends, 0..`BOTTOM` of the film. */
interface Page {
  readonly strata: Uint16Array;
  readonly ends: Uint16Array;
}

/**
 * The wet column of every pixel as runs of strata, surface first. `count`: runs of each pixel, 0 off the paint. They lie on pages, each column whole on one:
 * columns differ from two runs to `MOST_RUNS`, and those of a copy of which few are written anew can stay on the same pages. `first`: where a pixel's
 * first is, its page and its place there in one number; see `pageOf`, `placeOf`.
 */
export interface Columns {
  readonly count: Uint8Array;
  readonly first: Uint32Array;
  readonly pages: Page[];
  /** Runs of the last page that are taken. */
  taken: number;
}

export const emptyColumns = (pixels: number): Columns => ({
  count: new Uint8Array(pixels),
  first: new Uint32Array(pixels),
  pages: [],
  taken: PAGE,
});

/** Others that are the same now: what is written anew in them changes nothing in these. */
export const copyOf = ({ count, first, pages }: Columns): Columns => ({
  count: count.slice(),
  first: first.slice(),
  pages: [...pages],
  taken: PAGE,
});

/** The page that a pixel's runs are on. */
export const pageOf = ({ first, pages }: Columns, pixel: number): Page =>
  pages[first[pixel]! >>> PAGE_BITS]!;

/** Where on its page a pixel's first run is. */
export const placeOf = ({ first }: Columns, pixel: number): number => first[pixel]! & (PAGE - 1);

/** The runs of a pixel, surface first. */
export function runsOf(columns: Columns, pixel: number): Page {
  const { strata, ends } = pageOf(columns, pixel);
  const from = placeOf(columns, pixel);
  const upTo = from + columns.count[pixel]!;
  return { strata: strata.subarray(from, upTo), ends: ends.subarray(from, upTo) };
}

/** The page on which there is room for a pixel's column, which begins at what is taken of it. */
function pageFor(columns: Columns, pixel: number): Page {
  const { first, pages } = columns;
  if (columns.taken + MOST_RUNS > PAGE) {
    pages.push({ strata: new Uint16Array(PAGE), ends: new Uint16Array(PAGE) });
    columns.taken = 0;
  }
  first[pixel] = (pages.length - 1) * PAGE + columns.taken;
  return pages.at(-1)!;
}

/** Begins a pixel's column anew: so far it is this stratum down to the ground. */
export function begin(columns: Columns, pixel: number, stratum: number): void {
  const { strata, ends } = pageFor(columns, pixel);
  const place = columns.taken++;
  strata[place] = stratum;
  ends[place] = BOTTOM;
  columns.count[pixel] = 1;
}

/** Writes a pixel's column anew, its first `count` runs, at most `MOST_RUNS`. */
export function put(
  columns: Columns,
  pixel: number,
  strata: Uint16Array,
  ends: Uint16Array,
  count: number,
): void {
  const page = pageFor(columns, pixel);
  for (let n = 0; n < count; n++) {
    page.strata[columns.taken + n] = strata[n]!;
    page.ends[columns.taken + n] = ends[n]!;
  }
  columns.count[pixel] = count;
  columns.taken += count;
}

/**
 * Goes on with the column that was begun last: `stratum` from `from` down, 0..1 of the film, to the ground as far as is known.
 * @returns whether there is room for more
 */
export function goOn(columns: Columns, pixel: number, stratum: number, from: number): boolean {
  const { strata, ends } = columns.pages.at(-1)!;
  const last = columns.taken - 1;
  if (strata[last] === stratum) return true;
  const runs = columns.count[pixel]!;
  if (runs === MOST_RUNS) return false;
  ends[last] = Math.round(BOTTOM * from);
  strata[last + 1] = stratum;
  ends[last + 1] = BOTTOM;
  columns.count[pixel] = runs + 1;
  columns.taken++;
  return true;
}

/** Those of some pixels, from one to before another, to be taken in where the others are; they lie on the same pages. */
export const partOf = (
  { count, first, pages, taken }: Columns,
  from: number,
  past: number,
): Columns => ({
  count: count.slice(from, past),
  first: first.slice(from, past),
  pages,
  taken,
});

/** Of a copy, what was written anew of the pixels from one on, and nothing of the others; on its own pages. */
export function anewIn(
  { count, first, pages, taken }: Columns,
  was: Columns,
  from: number,
): Columns {
  const moved = was.pages.length * PAGE;
  return {
    count: count.slice(from).map((runs, i) => (first[from + i]! < moved ? 0 : runs)),
    first: first.slice(from).map((place) => place - moved),
    pages: pages.slice(was.pages.length),
    taken,
  };
}

/** Takes in columns written elsewhere, the first of them those of this pixel, where they hold anything; theirs are not to be written on after that. */
export function takeIn(columns: Columns, others: Columns, from: number): void {
  const moved = columns.pages.length * PAGE;
  for (let i = 0; i < others.first.length; i++) {
    if (others.count[i] === 0) continue;
    columns.count[from + i] = others.count[i]!;
    columns.first[from + i] = moved + others.first[i]!;
  }
  columns.pages.push(...others.pages);
  columns.taken = others.taken;
}

/** Lays the runs of some pixels out, `MOST_RUNS` entries for each, of which those it has are written. */
export function layOut(
  columns: Columns,
  from: number,
  upTo: number,
  strata: Uint16Array,
  ends: Uint16Array,
): void {
  for (let pixel = from; pixel < upTo; pixel++) {
    const runs = columns.count[pixel]!;
    if (runs === 0) continue;
    const page = pageOf(columns, pixel);
    const place = placeOf(columns, pixel);
    const to = (pixel - from) * MOST_RUNS;
    for (let n = 0; n < runs; n++) {
      strata[to + n] = page.strata[place + n]!;
      ends[to + n] = page.ends[place + n]!;
    }
  }
}
