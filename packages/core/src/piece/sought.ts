import { FAULTS } from '../fault';
import type { Piece } from './schema';
import { STATUSES, statusOf } from './status';

/** All that a piece is found by, in small letters: its names, its words, its colours. */
export const soughtOf = (piece: Piece): string =>
  [
    piece.title,
    piece.technique,
    piece.size,
    piece.with,
    piece.note,
    STATUSES[statusOf(piece)],
    ...(piece.tags ?? []),
    ...(piece.colours ?? []).map(({ name }) => name),
    ...(piece.faults ?? []).map((fault) => FAULTS[fault].title),
    ...(piece.lessons ?? []).map(({ says }) => says),
  ]
    .filter((word) => word !== undefined && word !== '')
    .join('\n')
    .toLowerCase();

/** Whether each of the words asked for stands somewhere in it. */
export const isFound = (sought: string, asked: string): boolean =>
  wordsOf(asked).every((word) => sought.includes(word));

export const wordsOf = (asked: string): string[] =>
  asked
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => word !== '');
