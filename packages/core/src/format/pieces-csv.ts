import Papa from 'papaparse';
import type { Fault } from '../schema/fault';
import { parseNumber } from '../quantity/parse';
import { ASPECT_IDS, ASPECTS, FATE_WORDS, type Piece, STATUSES, statusOf } from '../piece';
import { FAULTS } from '../fault';
import { meantBy, safeCell } from './cell';

/** Rows end as RFC 4180 has it. */
const NEWLINE = '\r\n';

/** How one column of a piece is written, and read back into it; what a table cannot hold is written only. */
interface Column {
  readonly name: string;
  readonly write: (piece: Piece) => string;
  /** The piece with this cell taken over, or what is wrong with it. */
  readonly read?: (piece: Piece, cell: string) => Piece | string;
}

/** A word, or none where the cell is empty. */
const word = (name: 'technique' | 'size' | 'with' | 'note'): Column => ({
  name,
  write: (piece) => piece[name] ?? '',
  read: ({ [name]: _, ...piece }, cell) => (cell === '' ? piece : { ...piece, [name]: cell }),
});

const sum = (name: 'price' | 'cost'): Column => ({
  name,
  write: (piece) => String(piece[name] ?? ''),
  read: ({ [name]: _, ...piece }, cell) => {
    if (cell === '') return piece;
    const read = parseNumber(cell);
    return read.ok ? { ...piece, [name]: read.value } : `"${cell}" is not a number`;
  },
});

/** One of some words, by whichever is written. */
const idOf = <T extends string>(words: Readonly<Record<T, string>>, cell: string): T | undefined =>
  (Object.keys(words) as T[]).find(
    (id) => words[id].toLowerCase() === cell.toLowerCase() || id === cell,
  );

const titleOf = Object.fromEntries(
  Object.entries(FAULTS).map(([id, { title }]) => [id, title]),
) as Record<keyof typeof FAULTS, string>;

const parted = (cell: string): string[] =>
  cell
    .split(';')
    .map((part) => part.trim())
    .filter((part) => part !== '');

const dayOf = (piece: Piece): string =>
  new Date(piece.madeAt).toISOString().slice(0, 'yyyy-mm-dd'.length);

const COLUMNS: readonly Column[] = [
  { name: 'id', write: (piece) => piece.id },
  {
    name: 'title',
    write: (piece) => piece.title,
    read: (piece, title) => ({ ...piece, title }),
  },
  {
    name: 'made',
    write: dayOf,
    read: (piece, cell) => {
      // Noon: the same day nearly everywhere.
      const madeAt = /^\d{4}-\d\d-\d\d$/.test(cell) ? Date.parse(`${cell}T12:00:00Z`) : NaN;
      return Number.isNaN(madeAt)
        ? `"${cell}" is no day; write it as 2026-11-28`
        : { ...piece, madeAt };
    },
  },
  word('technique'),
  word('size'),
  {
    name: 'of_set',
    write: ({ nth = 1, of }) => (of === undefined ? '' : `${nth} of ${of}`),
  },
  {
    name: 'status',
    write: (piece) => STATUSES[statusOf(piece)],
    read: (piece, cell) => {
      const status = idOf(STATUSES, cell);
      return status === undefined
        ? `"${cell}" is none of ${Object.values(STATUSES).join(', ')}`
        : { ...piece, status };
    },
  },
  word('with'),
  sum('price'),
  sum('cost'),
  {
    name: 'tags',
    write: ({ tags = [] }) => tags.join('; '),
    read: ({ tags: _, ...piece }, cell) => {
      const tags = [...new Set(parted(cell))];
      return tags.length > 0 ? { ...piece, tags } : piece;
    },
  },
  ...ASPECT_IDS.map((aspect): Column => ({
    name: ASPECTS[aspect].toLowerCase(),
    write: ({ verdict }) => verdict?.[aspect] ?? '',
    read: ({ verdict, ...piece }, cell) => {
      const { [aspect]: _, ...others } = verdict ?? {};
      const said = cell === '' ? others : { ...others, [aspect]: cell };
      return Object.keys(said).length > 0
        ? { ...piece, verdict: said as NonNullable<Piece['verdict']> }
        : piece;
    },
  })),
  {
    name: 'colours',
    write: ({ colours = [] }) =>
      colours
        .map(
          ({ name, part, fate }) =>
            `${name}${part === undefined ? '' : ` (part ${part})`}: ${FATE_WORDS[fate].toLowerCase()}`,
        )
        .join('; '),
  },
  {
    name: 'faults',
    write: ({ faults = [] }) => faults.map((fault) => FAULTS[fault].title).join('; '),
    read: ({ faults: _, ...piece }, cell) => {
      const titles = parted(cell);
      const faults = titles.map((title) => idOf(titleOf, title));
      const strange = titles.find((__, i) => faults[i] === undefined);
      if (strange !== undefined)
        return `"${strange}" is none of ${Object.values(titleOf).join(', ')}`;
      return titles.length > 0 ? { ...piece, faults: faults as Piece['faults'] & object } : piece;
    },
  },
  {
    name: 'next_time',
    write: ({ lessons = [] }) => lessons.map(({ says }) => says).join('; '),
  },
  { name: 'pictures', write: ({ photographs = [] }) => String(photographs.length) },
  word('note'),
];

/** Pieces as a table, one row a piece: for a spreadsheet. The day is that of UTC. */
export const writePiecesCsv = (pieces: readonly Piece[]): string =>
  `${Papa.unparse(
    {
      fields: COLUMNS.map(({ name }) => name),
      data: pieces.map((piece) => COLUMNS.map(({ write }) => safeCell(write(piece)))),
    },
    { newline: NEWLINE },
  )}${NEWLINE}`;

export interface ReadPieces {
  /** Pieces that would be changed or added. */
  readonly pieces: readonly Piece[];
  /** Where the path is "row 7, price". Nothing may be saved while there is any. */
  readonly faults: readonly Fault[];
}

/** Most rows that are read, and most faults that are told. */
const MOST_ROWS = 20_000;
const MOST_FAULTS = 20;

/**
 * Reads a table of pieces. A cell that was not touched changes nothing, so a table that was written comes in again as it went out, with all that a table does
 * not hold; columns may be left out. A row without an id, or of an unknown one, is a new piece.
 * @param known the journal's pieces
 * @param newId makes ids for new ones
 */
export function readPiecesCsv(
  text: string,
  known: readonly Piece[],
  newId: () => string,
): ReadPieces {
  const nothing = (path: string, message: string): ReadPieces => ({
    pieces: [],
    faults: [{ path, message }],
  });
  if (text.includes('\u0000')) return nothing('the file', 'is no text: save the table as CSV');
  const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const broken = parsed.errors.find(({ code }) => code !== 'UndetectableDelimiter');
  if (broken)
    return nothing(
      `row ${(broken.row ?? 0) + 1}`,
      `is no sound CSV: ${broken.message.toLowerCase()}`,
    );
  const [heading = [], ...rows] = parsed.data;
  const columns = heading.map((name) => COLUMNS.find((column) => column.name === name.trim()));
  const strange = columns.indexOf(undefined);
  if (strange >= 0)
    return nothing(
      'row 1',
      `there is no column "${heading[strange]!}"; there are ${COLUMNS.map(({ name }) => name).join(', ')}`,
    );
  const names = columns.map((column) => column!.name);
  const twice = names.find((name, i) => names.indexOf(name) < i);
  if (twice !== undefined) return nothing('row 1', `column "${twice}" stands twice`);
  if (!names.includes('id') && !names.includes('title'))
    return nothing('row 1', 'there is neither a column "id" nor "title"');
  if (rows.length > MOST_ROWS)
    return nothing('the file', `has ${rows.length} rows; ${MOST_ROWS} is the most`);

  const byId = new Map(known.map((piece) => [piece.id, piece]));
  const seen = new Map<string, number>();
  const faults: Fault[] = [];
  const pieces: Piece[] = [];
  rows.forEach((cells, i) => {
    const row = i + 2;
    const fault = (column: string, message: string) =>
      void faults.push({ path: `row ${row}, ${column}`, message });
    const cellOf = (name: string): string => meantBy((cells[names.indexOf(name)] ?? '').trim());
    const was = byId.get(cellOf('id'));
    const id = was?.id ?? newId();
    const before = seen.get(id);
    if (before !== undefined) return fault('id', `"${id}" stands in row ${before} already`);
    seen.set(id, row);
    if (cells.length > names.length)
      return fault('the end', `has ${cells.length} fields; the heading has ${names.length}`);
    if (cellOf('title') === '' && (!was || names.includes('title')))
      return fault('title', 'is empty');
    if (!was && cellOf('made') === '') return fault('made', 'is empty: a new piece needs a day');
    let piece: Piece = was ?? { id, title: cellOf('title'), madeAt: 0 };
    for (const { name, write, read } of columns as Column[]) {
      const cell = cellOf(name);
      if (name === 'id' || (was ? sameCell(write(was), cell) : cell === '')) continue;
      if (!read) {
        fault(name, 'is not read from a table; change it in the journal');
        continue;
      }
      const now = read(piece, cell);
      if (typeof now === 'string') fault(name, now);
      else piece = now;
    }
    if (piece !== was) pieces.push(piece);
  });
  return { pieces: faults.length > 0 ? [] : pieces, faults: faults.slice(0, MOST_FAULTS) };
}

/** What a cell held and what it holds now; blanks at its ends, and how lines end, are a spreadsheet's own. */
const sameCell = (was: string, cell: string): boolean =>
  was.trim().replace(/\r\n?/g, '\n') === cell.replace(/\r\n?/g, '\n');
