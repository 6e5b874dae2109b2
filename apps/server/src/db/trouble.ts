import type { RefusalCode } from '@potter/contract';

/** What the disk or the file did, in words for people: what happened, and what to do. */
export interface Trouble {
  readonly code: RefusalCode;
  readonly message: string;
}

const TROUBLES: readonly (readonly [pattern: RegExp, trouble: Trouble])[] = [
  [
    /SQLITE_FULL|ENOSPC|disk is full/i,
    {
      code: 'disk-full',
      message:
        'The studio’s disk is full: nothing was saved. Make room on it, then try again; what is on this device is kept.',
    },
  ],
  [
    /SQLITE_READONLY|EROFS|EACCES|readonly database/i,
    {
      code: 'read-only',
      message:
        'The studio’s file cannot be written: nothing was saved. Give it back its permission to write, or move it to a disk that has one.',
    },
  ],
  [
    /SQLITE_CORRUPT|SQLITE_NOTADB|malformed|not a database/i,
    {
      code: 'damaged',
      message:
        'The studio’s file is damaged: nothing was saved. Stop the studio and put back a copy of the file from before.',
    },
  ],
  [
    /SQLITE_BUSY|SQLITE_LOCKED|database is locked/i,
    {
      code: 'busy',
      message: 'Another program holds the studio’s file: nothing was saved. Try again in a moment.',
    },
  ],
  [
    /ECONNREFUSED|ENOTFOUND|ETIMEDOUT|ECONNRESET|fetch failed|status 5\d\d|HRANA_WEBSOCKET_ERROR/,
    {
      code: 'away',
      message:
        'The machine with the studio’s database does not answer: nothing was saved. What is on this device is kept; try again in a moment.',
    },
  ],
  [
    /status 40[13]|AUTH_/,
    {
      code: 'away',
      message:
        'The machine with the studio’s database does not know this server. Give it the right token (POTTER_DB_TOKEN), then start it again.',
    },
  ],
  [
    /SQLITE_IOERR|SQLITE_CANTOPEN|EIO/i,
    {
      code: 'disk',
      message:
        'The studio’s disk does not answer as it should: nothing was saved. Look after the disk, then try again.',
    },
  ],
];

/** The trouble behind an error, its causes looked through; undefined where it is none of the disk's. */
export function troubleOf(error: unknown): Trouble | undefined {
  for (let at = error; at instanceof Error; at = at.cause) {
    const said = `${(at as { code?: string }).code ?? ''} ${at.message}`;
    const found = TROUBLES.find(([pattern]) => pattern.test(said));
    if (found) return found[1];
  }
  return undefined;
}
