import { STREAM_BINS } from '../cup/withdraw';
import type { Met } from './act';
import { byRows } from './by-rows';
import { type Columns, emptyColumns, goOn, MOST_RUNS } from './columns';
import { correlator } from './correlate';
import type { Correlated } from './correlated';
import { type Cored, cornersOf, rowsOf } from './cored';
import type { Lattice } from './lattice';
import type { Strata } from './strata';
import { type Births, NONE } from './births';
import type { View } from './view';

/** How much of what was traced at the surface differs from what the cores make of it may go on below, in bins of `STREAM_BINS` and across its stream. */
const SHIFT_BINS = 5;
const SHIFT_ACROSS = 0.1;
/** Runs thinner than this share of the film have pinched out, but where the surface says that they are there. */
const PINCHED = 0.002;
/** A surface that no core around it knows is a skin on what they do, so thick. */
const SKIN = 0.002;
/** The surface may belong to a run below others only where those are together thinner than this: they pinch out between the cores. */
const OVERLAID = 0.03;

/** A stretch of rows of the widest cells of a film that was drilled through, from one to before another. */
export interface CellRows {
  readonly from: number;
  readonly upTo: number;
}

/** The pixels of some rows of cells, from one to before another. */
export function pixelsOf(
  film: Cored,
  { width, height }: Pick<View, 'width' | 'height'>,
  { from, upTo }: CellRows,
): readonly [first: number, past: number] {
  const pixels = film.widest * film.cores.unit;
  const first = (row: number) =>
    width * (row === rowsOf(film) ? height : Math.min(height, row * pixels));
  return [first(from), first(upTo)];
}

/**
 * Writes the columns of a view, all of them or those of some rows of cells: each pixel's surface as it was traced, and below it what the cores around it hold, laid side by side
 * (see `correlate`): so boundaries between paints climb and pinch out smoothly from core to core.
 * A generator: it yields now and then.
 */
export function* columnsOf(
  view: View,
  strata: Strata,
  surface: Pick<Lattice, 'births' | 'across'>,
  film: Cored,
  rows: CellRows = { from: 0, upTo: rowsOf(film) },
  into?: Columns,
): Generator<void, Columns> {
  const { width, height } = view;
  const { cores, places, sizes } = film;
  const [firstPixel, pastPixel] = pixelsOf(film, view, rows);
  const columns = into ?? emptyColumns(pastPixel - firstPixel);
  const write = columnWriter(columns, strata);
  const correlate = correlator(cores);

  /** Pixels of a cell so many units wide whose first corner is at this place. */
  function cell(first: number, size: number): void {
    const [placeX, placeY] = [first % cores.across, Math.floor(first / cores.across)];
    const pixels = size * cores.unit;
    const [left, top] = [placeX * cores.unit, placeY * cores.unit];
    // The last cells have the places at their ends too.
    const right = placeX + size + 1 < cores.across ? left + pixels : width;
    const bottom = placeY + size + 1 < cores.down ? top + pixels : height;
    if (left >= width || top >= height) return;
    const around = correlate(cornersOf(cores, first, size));
    for (let y = top; y < Math.min(bottom, height); y++)
      for (let x = left; x < Math.min(right, width); x++) {
        const place = y * surface.across + x;
        if (view.cover[y * width + x] && surface.births.source[place] !== NONE)
          write(
            y * width + x - firstPixel,
            surface.births,
            place,
            around,
            (x - left) / pixels,
            (y - top) / pixels,
          );
      }
  }

  yield* byRows(rows.upTo - rows.from, (nth) => {
    const row = rows.from + nth;
    for (let n = film.rows[row]!; n < film.rows[row + 1]!; n++) cell(places[n]!, sizes[n]!);
  });
  return columns;
}

/** Writes columns one after the other, each from its surface and the cores around it, a share u, v of the way across their cell. */
function columnWriter(columns: Columns, strata: Strata) {
  const weights = new Float64Array(4);
  const own = new Float64Array(4);
  // Where the column has come to: the act, where in its paint, and how far below the surface.
  let source = NONE;
  let bin = 0;
  let across = 0;
  let deep = 0;
  // Its way on down, and what it meets there; the first of that may be what it is in already.
  const way = new Float64Array(4);
  const met: Met = {
    strata: new Uint16Array(MOST_RUNS + 1),
    shares: new Float64Array(MOST_RUNS + 1),
  };

  return (
    pixel: number,
    surface: Births,
    place: number,
    around: Correlated,
    u: number,
    v: number,
  ): void => {
    source = surface.source[place]!;
    bin = strata.bin(surface, place);
    across = strata.across(surface, place);
    deep = 0;
    goOn(columns, pixel, strata.of(source, bin, across), 0);
    weigh(weights, around.corners, u, v);
    const first = firstRun(around, weights, own, source, bin);
    for (let run = first; run < around.runs; run++) {
      const low = topOf(around, run + 1, weights);
      // What lies above the first run that the surface knows has pinched out.
      const top = run === first ? 1 : topOf(around, run, weights);
      if (run > first && top - low < PINCHED) continue;
      if (!writeRun(around, run, top, low, pixel)) return;
    }
  };

  /**
   * Goes down a run, from knot to knot. Where it is that of the surface, which was traced here and not only around, what lies below differs from what
   * the cores make of it as the surface does, the less the deeper: a film is drawn out more evenly from top to ground than along it.
   * @returns whether there is room for more
   */
  function writeRun(
    around: Correlated,
    run: number,
    top: number,
    low: number,
    pixel: number,
  ): boolean {
    const { knots, depth, bin: bins, acrossStream: places } = around;
    const act = around.source[run]!;
    const first = knots[run]!;
    const past = knots[run + 1]!;
    let begins = act !== source || deep > 0;
    weighRun(own, weights, around.has, run);
    // How the surface differs from what the cores make of it.
    const offBin = begins ? 0 : little(bin - mean(bins, first, own), SHIFT_BINS);
    const offAcross = begins ? 0 : little(across - mean(places, first, own), SHIFT_ACROSS);
    for (let knot = first; knot < past; knot++) {
      const to = 1 - top + (top - low) * depth[knot]!;
      if (!begins && to <= deep) continue;
      const nextBin = within(mean(bins, knot, own) + offBin * (1 - to), LAST_BIN);
      const nextAcross = within(mean(places, knot, own) + offAcross * (1 - to), 1);
      if (begins) {
        // It begins where the last one ends.
        begins = false;
        source = act;
        deep = Math.max(deep, SKIN, to);
        if (!goOn(columns, pixel, strata.of(source, nextBin, nextAcross), deep)) return false;
      } else {
        if (!goDown(pixel, to, nextBin, nextAcross)) return false;
        deep = to;
      }
      bin = nextBin;
      across = nextAcross;
    }
    deep = Math.max(deep, SKIN);
    return true;
  }

  /**
   * From where the column has come to down to where more of the same act is known, with the strata that lie between them: births lie
   * between births, and their strata are looked up, which costs no trace. @returns whether there is room for more
   */
  function goDown(pixel: number, to: number, low: number, lowAcross: number): boolean {
    way[0] = bin;
    way[1] = across;
    way[2] = low;
    way[3] = lowAcross;
    const count = strata.between(source, way, met);
    for (let n = 0; n < count; n++)
      if (!goOn(columns, pixel, met.strata[n]!, deep + (to - deep) * met.shares[n]!)) return false;
    return true;
  }
}

/** The last bin there is, and a hair less than the next. */
const LAST_BIN = STREAM_BINS - 1e-3;

const within = (v: number, most: number): number => Math.min(most, Math.max(0, v));

/** A difference, where it is no larger than this; else nothing: that is a thread or a fold of its own, of which nothing is known below. */
const little = (difference: number, most: number): number =>
  Math.abs(difference) <= most ? difference : 0;

const weightOf = (corner: number, u: number, v: number): number =>
  (corner % 2 ? u : 1 - u) * (corner > 1 ? v : 1 - v);

/** Weights of a cell's corners that are told, 1 in all. */
function weigh(weights: Float64Array, corners: Uint8Array, u: number, v: number): void {
  let sum = 0;
  for (let c = 0; c < 4; c++) {
    weights[c] = corners[c] ? weightOf(c, u, v) + 1e-9 : 0;
    sum += weights[c]!;
  }
  for (let c = 0; c < 4; c++) weights[c] = weights[c]! / sum;
}

/** Weights of the corners that have a run, 1 in all. */
function weighRun(own: Float64Array, weights: Float64Array, has: Uint8Array, run: number): void {
  let sum = 0;
  for (let c = 0; c < 4; c++) {
    own[c] = has[4 * run + c] ? weights[c]! : 0;
    sum += own[c]!;
  }
  for (let c = 0; c < 4; c++) own[c] = own[c]! / sum;
}

/** What four corners come to at a knot, by their weights. */
const mean = (of: Float32Array, knot: number, own: Float64Array): number =>
  own[0]! * of[4 * knot]! +
  own[1]! * of[4 * knot + 1]! +
  own[2]! * of[4 * knot + 2]! +
  own[3]! * of[4 * knot + 3]!;

const topOf = ({ tops }: Correlated, run: number, weights: Float64Array): number =>
  tops[4 * run]! * weights[0]! +
  tops[4 * run + 1]! * weights[1]! +
  tops[4 * run + 2]! * weights[2]! +
  tops[4 * run + 3]! * weights[3]!;

/** Whether a run comes to the surface at one of the cores. */
const outcrops = ({ corners, has, tops }: Correlated, run: number): boolean => {
  for (let c = 0; c < 4; c++)
    if (corners[c] && has[4 * run + c] && tops[4 * run + c] === 1) return true;
  return false;
};

/**
 * The run the surface belongs to: of those of its act near the surface, or that come up to it at one of the cores, the one most like it at its top,
 * else the first. Where two paints border on each other the surface knows to a pixel which is which; the cores do so only to their distance.
 */
function firstRun(
  around: Correlated,
  weights: Float64Array,
  own: Float64Array,
  source: number,
  surfaceBin: number,
): number {
  let best = 0;
  let least = Infinity;
  for (let run = 0; run < around.runs; run++) {
    if (around.source[run] !== source) continue;
    if (1 - topOf(around, run, weights) > OVERLAID && !outcrops(around, run)) continue;
    weighRun(own, weights, around.has, run);
    const unlike = Math.abs(mean(around.bin, around.knots[run]!, own) - surfaceBin);
    if (unlike < least) {
      least = unlike;
      best = run;
    }
  }
  return best;
}
