import type { Refusal } from '@potter/contract';
import { capital } from '@potter/core/quantity';
import { placeInWords } from '@potter/core/schema';
import { pageId } from './page-id';
import { pairing } from './pairing';

/** Faults told of a refusal: enough to see what it is about. */
const MOST_TOLD = 3;

/** The studio said no: its own words, and every fault with its place. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly refusal: Refusal['error'],
  ) {
    super(refusal.message);
  }

  /** What was said, and the first faults with their places, in an artist's words. */
  get inWords(): string {
    const told = this.refusal.faults.slice(0, MOST_TOLD).map(({ path, message }) => {
      const place = placeInWords(path);
      return ` ${place ? capital(place) : 'It'} ${message}.`;
    });
    return this.message + told.join('');
  }
}

/** The studio could not be reached at all. */
export class Away extends Error {
  constructor() {
    super('The studio’s server does not answer. Is it running?');
  }
}

interface Call {
  readonly method?: 'GET' | 'POST' | 'PUT' | 'DELETE';
  /** A picture goes as it is, anything else as JSON. */
  readonly body?: unknown;
  /** Lets the request outlive the page, for a last save. */
  readonly keepalive?: boolean;
  /** How long an answer may take, where it may take longer than usual, ms. */
  readonly patienceMs?: number;
}

/** A studio in the same room that has not answered for so long is not going to. */
const TIME_OUT_MS = 30_000;

/** The studio answers so to a device that is not let in. */
const UNPAIRED = 401;

/** One call of the studio's API. Throws `Refused`, or `Away` where there was no answer in time. */
export async function call<T>(
  path: string,
  { method = 'GET', body, keepalive = false, patienceMs = TIME_OUT_MS }: Call = {},
): Promise<T> {
  const patience = new AbortController();
  const timer = setTimeout(() => patience.abort(), patienceMs);
  try {
    const response = await fetch(path, {
      method,
      keepalive,
      signal: patience.signal,
      headers: {
        'x-potter-page': pageId,
        ...(body === undefined
          ? {}
          : { 'content-type': body instanceof Blob ? body.type : 'application/json' }),
      },
      ...(body === undefined ? {} : { body: body instanceof Blob ? body : JSON.stringify(body) }),
    });
    pairing.set(response.status !== UNPAIRED);
    return await read<T>(response);
  } catch (error) {
    throw error instanceof Refused ? error : new Away();
  } finally {
    clearTimeout(timer);
  }
}

async function read<T>(response: Response): Promise<T> {
  const answer: unknown = await response.json().catch(() => undefined);
  if (response.ok && answer !== undefined) return answer as T;
  const refusal = (answer as Refusal | undefined)?.error;
  if (refusal) throw new Refused(response.status, refusal);
  // Something between here and the studio answered in its place.
  throw new Away();
}
