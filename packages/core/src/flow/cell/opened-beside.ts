import { anewIn, type Columns, copyOf, takeIn } from '../columns';
import type { RowsWritten } from '../columns-beside';
import type { Plate } from '../develop';
import { awaited, type Promised } from '../share-out';
import { type Closed, openInto, rowsOf } from './opened';
import type { Cells, PaintCell } from './paint-cell';

/** Cells somebody else is to open, of a picture whose lower rows they wrote: those that lie in these rows. */
export interface OpenAsk extends Pick<Plate, 'pxPerMm'> {
  readonly cells: Cells;
}

/** Who opens cells beside whoever opens the others; undefined where nobody can. */
export type OpenBeside = (ask: OpenAsk) => Promised<Columns> | undefined;

/** A plate with its cells open, those of the lower rows opened by whoever wrote them. A generator: it yields now and then. */
export function* openedByTwo(
  plate: Plate,
  cells: Cells,
  beside: OpenBeside | undefined,
): Generator<number, Plate> {
  const { theirsFrom = plate.height, width, height, pxPerMm } = plate;
  const promised = theirsFrom < height ? beside?.({ cells, pxPerMm }) : undefined;
  const columns = copyOf(plate.columns);
  const isTheirs = (cell: PaintCell) => rowsOf(plate, cell).from >= theirsFrom;
  const theirs = { from: theirsFrom, upTo: height };
  const all = { from: 0, upTo: height };
  if (!promised) {
    yield* openInto(columns, plate, cells, all, () => true);
    return { ...plate, columns };
  }
  // Those that lie across the seam are opened here, down to where they end.
  const upTo = cells.cells.reduce(
    (most, cell) => (isTheirs(cell) ? most : Math.max(most, rowsOf(plate, cell).upTo)),
    theirsFrom,
  );
  const own = { from: 0, upTo: Math.min(height, upTo) };
  yield* openInto(columns, plate, cells, own, (cell) => !isTheirs(cell));
  const found = yield* awaited(promised);
  if (found === 'lost') yield* openInto(columns, plate, cells, theirs, isTheirs);
  else takeIn(columns, found, theirsFrom * width);
  return { ...plate, columns };
}

/** What is asked for, by whoever is asked and wrote those rows. A generator: it yields now and then. */
export function* openedFor(
  written: RowsWritten,
  { cells, pxPerMm }: OpenAsk,
): Generator<number, Columns> {
  const { columns: was, rows, width } = written;
  const columns = copyOf(was);
  const plate: Closed = { ...written, pxPerMm };
  yield* openInto(columns, plate, cells, rows, (cell) => rowsOf(plate, cell).from >= rows.from);
  return anewIn(columns, was, rows.from * width);
}
