import { type CellRows, columnsOf, pixelsOf } from './columning';
import { type Columns, emptyColumns, partOf, takeIn } from './columns';
import { type Cored, rowsOf } from './cored';
import type { Lattice } from './lattice';
import { awaited, type Promised } from './share-out';
import type { Pour } from './simulate';
import { type Strata, strataOf } from './strata';
import { type Rows, type View, viewOf } from './view';

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

/** Columns, and from which row on somebody else has them too, who wrote them; absent where nobody did. */
export interface ColumnsWritten {
  readonly columns: Columns;
  readonly theirsFrom?: number;
}

/** The columns of a view, the lower half of them by somebody else where there is one. A generator: it yields now and then. */
export function* columnsByTwo(
  view: View,
  strata: Strata,
  { births, across }: Lattice,
  film: Cored,
  beside: ColumnsBeside | undefined,
): Generator<number, ColumnsWritten> {
  const { width, height } = view;
  const down = rowsOf(film);
  const half = down >> 1;
  const surface = { births, across };
  const rows = { from: half, upTo: down };
  const promised = beside?.({ width, height, surface, film, rows });
  const columns = emptyColumns(width * height);
  const write = (which: CellRows) => columnsOf(view, strata, surface, film, which, columns);
  yield* write({ from: 0, upTo: promised ? half : down });
  if (!promised) return { columns };
  const found = yield* awaited(promised);
  if (found === 'lost') {
    yield* write(rows);
    return { columns };
  }
  const [first] = pixelsOf(film, view, rows);
  takeIn(columns, found, first);
  return { columns, theirsFrom: first / width };
}

/** What whoever was asked for columns has of a picture: its pixels and their columns, of these rows. */
export interface RowsWritten extends Pick<View, 'width' | 'height' | 'cover' | 'filmUm'> {
  readonly columns: Columns;
  readonly rows: Rows;
}

/** What whoever asked is handed of it. */
export const handedOver = ({ width, columns, rows: { from, upTo } }: RowsWritten): Columns =>
  partOf(columns, from * width, upTo * width);

/** What is asked for, by whoever is asked; `pour` is the same there. A generator: it yields now and then. */
export function* columnsFor(
  pour: Pour,
  { width, height, surface, film, rows }: ColumnsAsk,
): Generator<number, RowsWritten> {
  const [first, past] = pixelsOf(film, { width, height }, rows);
  const own: Rows = { from: first / width, upTo: past / width };
  const view = yield* viewOf(pour, width, height, own);
  const columns = emptyColumns(width * height);
  yield* columnsOf(view, strataOf(pour.scene), surface, film, rows, columns);
  const { cover, filmUm } = view;
  return { width, height, cover, filmUm, columns, rows: own };
}
