import type { FastifyRequest } from 'fastify';

/** The ways in: from the machine itself, over the home network, or by an address outside that a proxy answers for. */
type Way = 'machine' | 'home' | 'outside';

/** The door a request came in by, and the origin its pages have there. */
export interface Door {
  readonly way: Way;
  readonly origin: string;
}

/** By which names and addresses a studio may be asked. */
export interface Reach {
  /** Hosts of the home network, with the port, in small letters: none while it is closed. */
  readonly home: ReadonlySet<string>;
  /** The outside address, such as `https://studio.example`, where a proxy stands before the studio. */
  readonly outside?: string;
}

export const LOOPBACK_ONLY: Reach = { home: new Set() };

const LOOPBACK = /^(127\.0\.0\.1|localhost|\[::1\])(:\d{1,5})?$/;
const FORWARDED = ['forwarded', 'x-forwarded-for', 'x-forwarded-host', 'x-real-ip'] as const;

/** What of a request tells its door. */
export interface Knock {
  readonly host: string | undefined;
  /** Whether it came over TLS to this program itself. */
  readonly secure: boolean;
  readonly headers: Readonly<Record<string, unknown>>;
}

/**
 * The door of a request, by the host it names; undefined where that is none of the studio's. What a proxy hands on is never taken for the
 * machine's own, whatever host it names.
 */
export function doorOf({ host: named, secure, headers }: Knock, reach: Reach): Door | undefined {
  const host = named?.toLowerCase();
  if (!host) return undefined;
  if (secure) return reach.home.has(host) ? { way: 'home', origin: `https://${host}` } : undefined;
  if (reach.outside !== undefined && host === new URL(reach.outside).host)
    return { way: 'outside', origin: reach.outside };
  const handedOn = FORWARDED.some((name) => headers[name] !== undefined);
  return LOOPBACK.test(host) && !handedOn
    ? { way: 'machine', origin: `http://${host}` }
    : undefined;
}

export const knockOf = ({ headers, raw }: FastifyRequest): Knock => ({
  host: headers.host,
  secure: 'encrypted' in raw.socket,
  headers,
});

declare module 'fastify' {
  interface FastifyRequest {
    /** The door it came in by. */
    door: Door;
  }
}
