import { STREAM_BINS } from '../cup/withdraw';
import { type Cores, drill, drillable, type Drilling, noCores, type Raster } from './cores';
import { correlator } from './correlate';
import type { Correlated } from './correlated';
import type { FilmKernel } from './kernel';
import { within } from './progress';
import type { Strata } from './strata';
import type { View } from './view';

/**
 * Cores around a cell are alike where their runs begin within this share of the film, and so much more of how deep that is, and what lies there is
 * within this much of their cup and of their stream.
 */
const ALIKE_TOP = 0.04;
const ALIKE_DEEPER = 0.5;
const ALIKE_BINS = 0.1 * STREAM_BINS;
const ALIKE_ACROSS = 0.15;
/** How far down they must be, as a share of the film, for deeper hardly shows; and in a cell that comes of quartering, where only the top pays. */
const SHOWS = 0.36;
const SHOWS_CLOSELY = 0.12;

/**
 * A film drilled through on a raster, closer where that pays: by cells, each with a core at its corners and none inside. They are told by rows of
 * the widest, `widest` units: those of row r from `rows[r]` to before `rows[r + 1]`. `places`: the first corner of each; `sizes`: how many units wide it is.
 */
export interface Cored {
  readonly cores: Cores;
  readonly widest: number;
  readonly rows: Int32Array;
  readonly places: Int32Array;
  readonly sizes: Uint8Array;
}

/** Rows of the widest cells. */
export const rowsOf = ({ rows }: Cored): number => rows.length - 1;

/** The cores at the corners of a cell `size` units wide whose first corner is this place. */
export const cornersOf = ({ across }: Raster, place: number, size: number): readonly number[] => [
  place,
  place + size,
  place + size * across,
  place + size * (across + 1),
];

/**
 * Drills at the corners of wide cells, then quarters those whose corners are unlike, as often as it is to be closer. A generator: it yields the share done.
 * @param unit pixels between cores where cells are quartered once
 */
export function* cored(
  kernel: FilmKernel,
  view: View,
  strata: Strata,
  drilling: Drilling,
  unit: number,
): Generator<number, Cored> {
  const widest = 2 ** drilling.closer;
  const raster = rasterOf(view, widest, (2 * unit) / widest);
  const { across, down } = raster;
  let cores = noCores(raster);
  let cells: number[] = [];
  /** Sizes of all cells there are, by their first corner. */
  const sizes = new Uint8Array(across * down);
  for (let y = 0; y + 1 < down; y += widest)
    for (let x = 0; x + 1 < across; x += widest) cells.push(y * across + x);
  let wanted = new Set(every(raster, widest));
  for (let size = widest; ; size /= 2) {
    const at = drillable(raster, view, wanted, size * raster.unit);
    const nth = drilling.closer - Math.log2(size);
    const parts = drilling.closer + 1;
    cores = yield* within(
      drill(kernel, view, strata, drilling, cores, at),
      nth / parts,
      (nth + 1) / parts,
    );
    for (const cell of cells) sizes[cell] = size;
    if (size === 1) break;
    const correlate = correlator(cores);
    const shows = size === widest ? SHOWS : SHOWS_CLOSELY;
    const half = size / 2;
    wanted = new Set();
    cells = cells
      .filter(
        (cell) => !alike(correlate(cornersOf(raster, cell, size)), strata, shows, drilling.unlike),
      )
      .flatMap((cell) => {
        for (const [x, y] of AMID) wanted.add(cell + half * (x + y * across));
        return [cell, cell + half, cell + half * across, cell + half * (across + 1)];
      });
  }
  return { cores, widest, ...byRow(raster, widest, sizes) };
}

/** Places between the corners of a cell, in halves of it. */
const AMID = [
  [1, 0],
  [0, 1],
  [1, 1],
  [2, 1],
  [1, 2],
] as const;

/** A raster of whole cells of so many units that a view fits into. */
function rasterOf({ width, height }: View, widest: number, unit: number): Raster {
  const whole = (pixels: number) =>
    widest * Math.max(1, Math.ceil((pixels - 1) / (widest * unit))) + 1;
  return { across: whole(width), down: whole(height), unit };
}

function* every({ across, down }: Raster, step: number): Generator<number> {
  for (let y = 0; y < down; y += step) for (let x = 0; x < across; x += step) yield y * across + x;
}

/** Cells in the order of the rows of the widest. */
function byRow(
  { across, down }: Raster,
  widest: number,
  sizes: Uint8Array,
): Pick<Cored, 'rows' | 'places' | 'sizes'> {
  const places: number[] = [];
  const rows = [0];
  for (let y = 0; y + 1 < down; y += widest) {
    for (let at = y * across; at < (y + widest) * across; at++) if (sizes[at]) places.push(at);
    rows.push(places.length);
  }
  return {
    rows: Int32Array.from(rows),
    places: Int32Array.from(places),
    sizes: Uint8Array.from(places, (at) => sizes[at]!),
  };
}

/** Whether cores are alike down to this share of the film; `unlike`: see `Drilling`. */
function alike(
  { runs, tops, has, knots, source, depth, bin, acrossStream, corners }: Correlated,
  strata: Strata,
  shows: number,
  unlike: number,
): boolean {
  for (let run = 0; run < runs; run++) {
    const at = 4 * run;
    if (1 - highest(tops, at) > shows) break;
    if (spread(tops, at, corners, 0) > ALIKE_TOP + ALIKE_DEEPER * (1 - highest(tops, at)))
      return false;
    if (strata.one(source[run]!)) continue;
    const [top, low] = [tops[at]!, tops[at + 4]!];
    for (let knot = knots[run]!; knot < knots[run + 1]!; knot++) {
      if (1 - top + (top - low) * depth[knot]! > shows) break;
      if (spread(bin, 4 * knot, has, at) > unlike * ALIKE_BINS) return false;
      if (spread(acrossStream, 4 * knot, has, at) > unlike * ALIKE_ACROSS) return false;
    }
  }
  return true;
}

/** The highest of four entries. */
const highest = (of: Float32Array, at: number): number =>
  Math.max(of[at]!, of[at + 1]!, of[at + 2]!, of[at + 3]!);

/** How far apart four entries are, of those that count. */
function spread(of: Float32Array, at: number, counts: Uint8Array, first: number): number {
  let least = Infinity;
  let most = -Infinity;
  for (let c = 0; c < 4; c++)
    if (counts[first + c]) {
      least = Math.min(least, of[at + c]!);
      most = Math.max(most, of[at + c]!);
    }
  return most - least;
}
