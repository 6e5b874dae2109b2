import Papa from 'papaparse';
import { ASPECT_IDS, ASPECTS, FATE_WORDS, type Piece, STATUSES, statusOf } from '../piece';
import { FAULTS } from '../fault';

/** What a spreadsheet would reckon with, on however many lines. */
const FORMULA = /^[=+\-@\t\r]/;
/** Rows end as RFC 4180 has it. */
const NEWLINE = '\r\n';

/** Pieces as a table, one row a piece: for a spreadsheet. The day is that of UTC. */
export const writePiecesCsv = (pieces: readonly Piece[]): string =>
  `${Papa.unparse(pieces.map(rowOf), { newline: NEWLINE, escapeFormulae: FORMULA })}${NEWLINE}`;

const rowOf = (piece: Piece) => ({
  id: piece.id,
  title: piece.title,
  made: new Date(piece.madeAt).toISOString().slice(0, 'yyyy-mm-dd'.length),
  technique: piece.technique ?? '',
  size: piece.size ?? '',
  of_set: piece.of === undefined ? '' : `${piece.nth ?? 1} of ${piece.of}`,
  status: STATUSES[statusOf(piece)],
  with: piece.with ?? '',
  price: piece.price ?? '',
  cost: piece.cost ?? '',
  tags: (piece.tags ?? []).join('; '),
  ...Object.fromEntries(
    ASPECT_IDS.map((aspect) => [ASPECTS[aspect].toLowerCase(), piece.verdict?.[aspect] ?? '']),
  ),
  colours: (piece.colours ?? [])
    .map(
      ({ name, part, fate }) =>
        `${name}${part === undefined ? '' : ` (part ${part})`}: ${FATE_WORDS[fate].toLowerCase()}`,
    )
    .join('; '),
  faults: (piece.faults ?? []).map((fault) => FAULTS[fault].title).join('; '),
  next_time: (piece.lessons ?? []).map(({ says }) => says).join('; '),
  pictures: piece.photographs?.length ?? 0,
  note: piece.note ?? '',
});
