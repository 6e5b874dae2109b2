import { STREAM_BINS } from '../cup/withdraw';
import { type Cores, drill, drillable, type Drilling, noCores, type Raster } from './cores';
import { type Correlated, correlator } from './correlate';
import type { FilmKernel } from './kernel';
import { within } from './progress';
import type { Strata } from './strata';
import type { View } from './view';

/**
 * Cores around a cell are alike where their runs begin within this share of the film, and what lies there is within this much of
 * their cup and of their stream.
 */
const ALIKE_TOP = 0.12;
const ALIKE_BINS = 0.1 * STREAM_BINS;
const ALIKE_ACROSS = 0.2;
/** How far down they must be, as a share of the film: deeper hardly shows. */
const SHOWS = 0.5;

/** A film drilled through on a raster, closer where that pays: cells of two units are `quartered`, row by row, or have cores at their corners only. */
export interface Cored {
  readonly cores: Cores;
  readonly quartered: Uint8Array;
}

export const cellsOf = ({ across, down }: Raster): { across: number; down: number } => ({
  across: (across - 1) / 2,
  down: (down - 1) / 2,
});

/** The cores at the corners of a cell `size` units wide whose first corner is this place. */
export const cornersOf = ({ across }: Raster, place: number, size: number): readonly number[] => [
  place,
  place + size,
  place + size * across,
  place + size * (across + 1),
];

/** Drills at every second place of a raster, then, where it is to be closer, inside the cells whose corners are unlike. A generator: it yields the share done. */
export function* cored(
  kernel: FilmKernel,
  view: View,
  strata: Strata,
  drilling: Drilling,
  unit: number,
): Generator<number, Cored> {
  const whole = (pixels: number) => 2 * Math.max(1, Math.ceil((pixels - 1) / (2 * unit))) + 1;
  const raster: Raster = { across: whole(view.width), down: whole(view.height), unit };
  const { across } = raster;
  const cells = cellsOf(raster);
  const firstOf = (cell: number) =>
    2 * (Math.floor(cell / cells.across) * across + (cell % cells.across));

  const even = function* () {
    for (let y = 0; y < raster.down; y += 2)
      for (let x = 0; x < across; x += 2) yield y * across + x;
  };
  const at = drillable(raster, view, even(), 2 * unit);
  const wide = yield* within(drill(kernel, view, strata, drilling, noCores(raster), at), 0, 0.5);

  const quartered = new Uint8Array(cells.across * cells.down);
  if (!drilling.closer) return { cores: wide, quartered };
  const amid = new Set<number>();
  const correlate = correlator(wide);
  for (let cell = 0; cell < quartered.length; cell++) {
    const first = firstOf(cell);
    if (alike(correlate(cornersOf(raster, first, 2)))) continue;
    quartered[cell] = 1;
    for (const more of [1, across, across + 1, across + 2, 2 * across + 1]) amid.add(first + more);
  }
  const more = drillable(raster, view, amid, unit);
  const cores = yield* within(drill(kernel, view, strata, drilling, wide, more), 0.5, 1);
  return { cores, quartered };
}

function alike({ runs, tops, has, knots, depth, bin, acrossStream, corners }: Correlated): boolean {
  for (let run = 0; run < runs; run++) {
    const at = 4 * run;
    if (spread(tops, at, corners, 0) > ALIKE_TOP) return false;
    const [top, low] = [tops[at]!, tops[at + 4]!];
    for (let knot = knots[run]!; knot < knots[run + 1]!; knot++) {
      if (1 - top + (top - low) * depth[knot]! > SHOWS) break;
      if (spread(bin, 4 * knot, has, at) > ALIKE_BINS) return false;
      if (spread(acrossStream, 4 * knot, has, at) > ALIKE_ACROSS) return false;
    }
  }
  return true;
}

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
