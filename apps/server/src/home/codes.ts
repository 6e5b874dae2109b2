import { randomInt, timingSafeEqual } from 'node:crypto';

/** Letters and digits that are not taken for one another, read off a screen across a table. */
const ALPHABET = 'ABCDEFGHJKMNPQRSTVWXYZ23456789';
const LENGTH = 8;
/** How long a code is good, ms. */
const GOOD_MS = 600_000;
/** Wrong codes taken from one address, and from all, in the time a code is good. */
const WRONG_OF_ONE = 10;
const WRONG_OF_ALL = 60;

/** A code that lets one device in, once. */
export interface Code {
  readonly code: string;
  /** Milliseconds since 1970. */
  readonly until: number;
}

/** What came of a code: it was the one, it was not, or too many were tried for anyone to be listened to now. */
type Tried = 'right' | 'wrong' | 'too-many';

export interface Codes {
  /** A new code; the one before is good no more. */
  readonly give: () => Code;
  /** The code that is good now. */
  readonly now: () => Code | undefined;
  readonly take: (code: string, address: string) => Tried;
}

/** Pairing codes: one at a time, good once and for ten minutes, and guessed at only so often. */
export function pairingCodes(clock: () => number): Codes {
  let given: Code | undefined;
  let wrong: { readonly at: number; readonly address: string }[] = [];
  const now = () => (given && given.until > clock() ? given : undefined);
  return {
    give: () => {
      const code = Array.from({ length: LENGTH }, () => ALPHABET[randomInt(ALPHABET.length)]);
      given = { code: code.join(''), until: clock() + GOOD_MS };
      return given;
    },
    now,
    take: (asked, address) => {
      wrong = wrong.filter(({ at }) => at > clock() - GOOD_MS);
      if (
        wrong.length >= WRONG_OF_ALL ||
        wrong.filter((w) => w.address === address).length >= WRONG_OF_ONE
      )
        return 'too-many';
      const good = now();
      if (good && same(good.code, plain(asked))) {
        given = undefined;
        return 'right';
      }
      wrong.push({ at: clock(), address });
      // Somebody is guessing: the code on the screen is given up, and a new one has to be asked for.
      if (wrong.length >= WRONG_OF_ALL) given = undefined;
      return 'wrong';
    },
  };
}

/** As it may be typed: small letters, with spaces and hyphens. */
const plain = (code: string): string => code.toUpperCase().replace(/[^A-Z0-9]/g, '');

const same = (a: string, b: string): boolean =>
  a.length === b.length && timingSafeEqual(Buffer.from(a), Buffer.from(b));
