import { type CellRows, columnsOf, pixelsOf } from './columning';
import { type Columns, columnsIn, emptyColumns, MOST_RUNS } from './columns';
import { type Cored, rowsOf } from './cored';
import type { Lattice } from './lattice';
import { at } from './progress';
import { awaited, type Promised } from './share-out';
import type { Pour } from './simulate';
import { type Strata, strataOf } from './strata';
import { type View, viewOf } from './view';

/** Columns somebody else is to write, of a picture so large of a pour both know: what was traced of it, and which rows. */
export interface ColumnsAsk {
  readonly width: number;
  readonly height: number;
  readonly surface: Pick<Lattice, 'births' | 'across'>;
  readonly film: Cored;
  readonly rows: CellRows;
}

/** Who writes columns beside whoever writes the others: those of the rows alone; undefined where nobody can. */
export type ColumnsBeside = (ask: ColumnsAsk) => Promised<Columns> | undefined;

/** The columns of a view, the lower half of them by somebody else where there is one. A generator: it yields now and then. */
export function* columnsByTwo(
  view: View,
  strata: Strata,
  { births, across }: Lattice,
  film: Cored,
  beside: ColumnsBeside | undefined,
): Generator<number, Columns> {
  const { width, height } = view;
  const down = rowsOf(film);
  const half = down >> 1;
  const surface = { births, across };
  const rows = { from: half, upTo: down };
  const promised = beside?.({ width, height, surface, film, rows });
  if (!promised) return yield* at(0, columnsOf(view, strata, surface, film));
  const columns = emptyColumns(width * height);
  const [first, past] = pixelsOf(film, view, rows);
  const write = (which: CellRows, into: Columns) =>
    at(0, columnsOf(view, strata, surface, film, which, into));
  yield* write({ from: 0, upTo: half }, columnsIn(columns, 0, first));
  const found = yield* awaited(promised);
  if (found === 'lost') {
    yield* write(rows, columnsIn(columns, first, past));
    return columns;
  }
  columns.count.set(found.count, first);
  columns.strata.set(found.strata, first * MOST_RUNS);
  columns.ends.set(found.ends, first * MOST_RUNS);
  return columns;
}

/** What is asked for, by whoever is asked; `pour` is the same there. A generator: it yields now and then. */
export function* columnsFor(
  pour: Pour,
  { width, height, surface, film, rows }: ColumnsAsk,
): Generator<void, Columns> {
  const view = yield* viewOf(pour, width, height);
  return yield* columnsOf(view, strataOf(pour.scene), surface, film, rows);
}
