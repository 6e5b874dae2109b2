import { STREAM_BINS } from '../cup/withdraw';
import { emptyMet, emptyWayDown } from './act';
import { byRows } from './by-rows';
import type { Columns } from './columns';
import { descent } from './descent';
import { correlator } from './correlate';
import { type Correlated, MOST_KNOTS } from './correlated';
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
 * Writes the columns of a view, or of some rows of its cells: each pixel's surface as it was traced, and below it what the cores around it hold, laid side by
 * side (see `correlate`): so boundaries between paints climb and pinch out smoothly from core to core.
 * A generator: it yields now and then.
 * @param columns where they are written
 */
export function* columnsOf(
  view: View,
  strata: Strata,
  surface: Pick<Lattice, 'births' | 'across'>,
  film: Cored,
  rows: CellRows,
  columns: Columns,
): Generator<number, void> {
  const { width, height } = view;
  const { cores, places, sizes } = film;
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
          write(y * width + x, surface.births, place, around, x - left, y - top, pixels);
      }
  }

  yield* byRows(rows.upTo - rows.from, (nth) => {
    const row = rows.from + nth;
    for (let n = film.rows[row]!; n < film.rows[row + 1]!; n++) cell(places[n]!, sizes[n]!);
  });
}

/** Writes columns one after the other, each from its surface and the cores around its cell: so many pixels `right` of that one's first corner and `below` it, of the `pixels` it is wide. */
function columnWriter(columns: Columns, strata: Strata) {
  const weights = new Float64Array(4);
  const own = new Float64Array(4);
  const way = emptyWayDown(MOST_KNOTS + 1);
  const met = emptyMet(MOST_MET);
  const begins = emptyMet(1);
  const down = descent();
  // In one object: see `descent`.
  const here: Here = { source: 0, bin: 0, across: 0, deep: 0 };

  return (
    pixel: number,
    surface: Births,
    place: number,
    around: Correlated,
    right: number,
    below: number,
    pixels: number,
  ): void => {
    here.source = surface.source[place]!;
    here.bin = strata.bin(surface, place);
    here.across = strata.across(surface, place);
    here.deep = 0;
    down.begin(strata.of(here.source, here.bin, here.across));
    weigh(weights, around.corners, right / pixels, below / pixels);
    const first = firstRun(around, weights, own, here);
    for (let run = first; run < around.runs; run++) {
      goThrough(around, run, run === first);
      // What lies deepest may not have been told any more.
      if (way.count > 0) writeRun(around.source[run]!);
    }
    down.end(columns, pixel);
  };

  /**
   * The way down through a run. That of the surface was traced here and not only around: what lies below differs from what the cores make of it as the
   * surface does, the less the deeper, for a film is drawn out more evenly from top to ground than along it. Others begin where the last one ends.
   */
  function goThrough(around: Correlated, run: number, first: boolean): void {
    const { knots, depth, bin, acrossStream } = around;
    way.count = 0;
    const low = topOf(around, run + 1, weights);
    // What lies above the first run that the surface knows has pinched out.
    const top = first ? 1 : topOf(around, run, weights);
    if (!first && top - low < PINCHED) return;
    weighRun(own, weights, around.has, run);
    let offBin = 0;
    let offAcross = 0;
    if (here.deep === 0 && around.source[run] === here.source) {
      offBin = little(here.bin - mean(bin, knots[run]!, own), SHIFT_BINS);
      offAcross = little(here.across - mean(acrossStream, knots[run]!, own), SHIFT_ACROSS);
      add(0, here.bin, here.across);
    }
    for (let knot = knots[run]!; knot < knots[run + 1]!; knot++) {
      let to = 1 - top + (top - low) * depth[knot]!;
      if (way.count === 0) to = Math.max(here.deep, SKIN, to);
      else if (to <= way.depth[way.count - 1]!) continue;
      add(
        to,
        mean(bin, knot, own) + offBin * (1 - to),
        mean(acrossStream, knot, own) + offAcross * (1 - to),
      );
    }
  }

  function add(depth: number, bin: number, across: number): void {
    const at = way.count++;
    way.depth[at] = depth;
    way.bin[at] = within(bin, LAST_BIN);
    way.across[at] = within(across, 1);
  }

  /** Goes down a way through an act's paint, with the strata that lie on it: births lie between births, and their strata are looked up, which costs no trace. */
  function writeRun(act: number): void {
    const { depth, bin, across, count } = way;
    if (depth[0]! > 0) {
      begins.strata[0] = strata.of(act, bin[0]!, across[0]!);
      begins.depth[0] = depth[0]!;
      down.meet(begins, 1);
    }
    down.meet(met, strata.along(act, way, met));
    here.deep = Math.max(SKIN, depth[count - 1]!);
  }
}

/** Where in its act's paint a surface is, and how far down its column has come, 0..1. */
interface Here {
  source: number;
  bin: number;
  across: number;
  deep: number;
}

/** Strata met on a way down through one run at the most; what lies deeper of it is taken for the last. */
const MOST_MET = 240;

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
  surface: Here,
): number {
  let best = 0;
  let least = Infinity;
  for (let run = 0; run < around.runs; run++) {
    if (around.source[run] !== surface.source) continue;
    if (1 - topOf(around, run, weights) > OVERLAID && !outcrops(around, run)) continue;
    weighRun(own, weights, around.has, run);
    const unlike = Math.abs(mean(around.bin, around.knots[run]!, own) - surface.bin);
    if (unlike < least) {
      least = unlike;
      best = run;
    }
  }
  return best;
}
