import { STREAM_BINS } from '../cup/withdraw';
import { byRows } from './by-rows';
import { type Columns, emptyColumns, goOn } from './columns';
import type { Lattice } from './lattice';
import type { Strata } from './strata';
import { type Births, emptyBirths, NONE } from './trace';
import type { View } from './view';

/** Most places births are put at again between two traced depths, and how far apart they are in their cups, in bins of `STREAM_BINS`. */
const MOST_BETWEEN = 12;
const BINS_APART = 1.5;

/** Writes the columns of a view, from the surface down. */
export class Columning {
  readonly columns: Columns;

  constructor(
    private readonly view: View,
    private readonly strata: Strata,
  ) {
    this.columns = emptyColumns(view.width * view.height);
  }

  /** All that lattices know of the columns, the surface first. */
  all(lattices: readonly Lattice[]): Generator<void, void> {
    const { width, height } = this.view;
    let above = emptyBirths(width);
    let here = emptyBirths(width);
    return byRows(height, (y) => {
      lattices.forEach((lattice, n) => {
        here.source.fill(NONE);
        lattice.row(y, here);
        if (n === 0) this.begin(y * width, here);
        else this.goDown(y * width, above, lattices[n - 1]!.z, here, lattice.z);
        [above, here] = [here, above];
      });
    });
  }

  /** A row's surface. */
  private begin(pixel: number, births: Births): void {
    const { columns, strata } = this;
    const { width, cover } = this.view;
    for (let x = 0; x < width; x++)
      if (cover[pixel + x] && births.source[x] !== NONE)
        goOn(columns, pixel + x, strata.at(births, x), 0);
  }

  /**
   * A row from one traced height of the film to the next. Between births of one act births lie between them: they are put there and
   * their strata looked up, which costs no trace. Where acts differ, or nothing is known, the change is half way.
   */
  private goDown(pixel: number, above: Births, zAbove: number, below: Births, z: number): void {
    const { columns, strata } = this;
    const { width, cover } = this.view;
    const deep = zAbove - z;
    for (let x = 0; x < width; x++) {
      const source = below.source[x]!;
      if (!cover[pixel + x] || source === NONE) continue;
      if (above.source[x] === source) this.amid(pixel + x, x, above, below, 1 - zAbove, deep);
      else goOn(columns, pixel + x, strata.at(below, x), 1 - zAbove + deep / 2);
    }
  }

  /** From one birth down to the next of the same act, with the strata that lie between them. */
  private amid(
    pixel: number,
    at: number,
    above: Births,
    below: Births,
    from: number,
    deep: number,
  ): void {
    const { columns, strata } = this;
    const top = strata.binOf(above, at);
    const low = strata.binOf(below, at);
    const own = strata.ringsOf(below.source[at]!);
    if (own) {
      // Ring by ring: exact, and quicker than places in between.
      const { rings, first } = own;
      const perBin = rings.at.length / STREAM_BINS;
      const [start, end] = [top * perBin, low * perBin];
      const per = deep / (end - start);
      if (end > start)
        for (let n = rings.next[Math.floor(start)]!; n <= end; n = rings.next[n]!) {
          if (n === rings.at.length) return;
          if (!goOn(columns, pixel, first + rings.at[n]!, from + (n - start) * per)) return;
        }
      else
        for (let n = rings.before[Math.floor(start)]!; n >= Math.floor(end) && n >= 0;) {
          if (!goOn(columns, pixel, first + rings.at[n]!, from + (n + 1 - start) * per)) return;
          n = rings.before[n]!;
        }
      return;
    }
    const parts = Math.min(MOST_BETWEEN, 1 + Math.floor(Math.abs(low - top) / BINS_APART));
    for (let n = 1; n < parts; n++)
      goOn(
        columns,
        pixel,
        strata.between(above, below, at, n / parts),
        from + (deep * (n - 0.5)) / parts,
      );
    goOn(columns, pixel, strata.at(below, at), from + (deep * (parts - 0.5)) / parts);
  }
}
