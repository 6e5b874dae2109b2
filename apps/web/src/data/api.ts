import type { Refusal } from '@potter/contract';

/** The studio said no: its own words, and every fault with its place. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly refusal: Refusal['error'],
  ) {
    super(refusal.message);
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
  readonly body?: unknown;
  /** Lets the request outlive the page, for a last save. */
  readonly keepalive?: boolean;
}

/** One call of the studio's API. Throws `Refused` or `Away`. */
export async function call<T>(
  path: string,
  { method = 'GET', body, keepalive = false }: Call = {},
): Promise<T> {
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      keepalive,
      ...(body === undefined
        ? {}
        : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
    });
  } catch {
    throw new Away();
  }
  const answer: unknown = await response.json().catch(() => undefined);
  if (response.ok) return answer as T;
  const refusal = (answer as Refusal | undefined)?.error;
  if (!refusal) throw new Away();
  throw new Refused(response.status, refusal);
}
