import { device } from '../device';
import type { Letter } from './letter';

/**
 * Letters between the artist's hand and the database. A database is written in its own time, and a page closed meanwhile takes what it was
 * about to write with it; this storage is written before the next line of the program runs. Pictures are no text and wait for the database.
 */
const KEY = 'letter.';

export const inHand = {
  /** Whether the letter is kept now. */
  take: (letter: Letter): boolean =>
    !(letter.body instanceof Blob) && device.set(KEY + letter.id, letter),
  all: (): Letter[] =>
    device
      .keys()
      .filter((key) => key.startsWith(KEY))
      .flatMap((key) => device.get<Letter>(key) ?? []),
  letGo: ({ id }: Letter): void => device.remove(KEY + id),
};
