import { parse, serialize } from 'cookie';
import type { FastifyReply, FastifyRequest } from 'fastify';
import type { Database } from '../db/open';
import type { Routes } from '../http/contract';
import { Refused } from '../refused';
import { deviceBy, type KnownDevice } from './devices';

/** What a paired device carries. */
const COOKIE = 'potter-device';
/** The longest a browser keeps one, s. */
const KEPT_S = 400 * 86_400;

/** What anyone may have: the pairing page with what belongs to it, the line that says the studio is there, and what a home screen shows. */
const OPEN = [
  /^\/api\/health$/,
  /^\/api\/pair$/,
  /^\/pair(\.js|\.css)?$/,
  /^\/manifest\.webmanifest$/,
  /^\/icons\/[a-z0-9-]+\.png$/,
  // Its address is its key.
  /^\/calendar\/[a-z0-9]{32,64}\.ics$/,
  /^\/favicon\.(ico|png)$/,
];

declare module 'fastify' {
  interface FastifyRequest {
    /** The paired device that asks; none where it is the machine itself. */
    device: KnownDevice | undefined;
  }
}

/**
 * Whoever comes over the network has to be a paired device; a page is led to where it can become one.
 * @param loopbackAsks whether the machine itself has to be one too
 */
export function gate(app: Routes, db: Database, now: () => Date, loopbackAsks: boolean): void {
  app.decorateRequest('device', undefined);
  app.addHook('onRequest', async (request, reply) => {
    const asks = request.door.way !== 'machine' || loopbackAsks;
    if (!asks) return;
    request.device = await deviceBy(db, tokenOf(request), now());
    const path = request.url.split('?')[0] ?? '';
    if (request.device || OPEN.some((open) => open.test(path))) return;
    const page = request.method === 'GET' && /\btext\/html\b/.test(request.headers.accept ?? '');
    if (page && !path.startsWith('/api/')) return reply.redirect('/pair', 303);
    throw new Refused(
      'unpaired',
      'This device is not paired with the studio. Nothing was changed; what is unsent here is kept.',
    );
  });
}

const tokenOf = ({ headers }: FastifyRequest): string | undefined =>
  parse(headers.cookie ?? '')[COOKIE];

/** Hands a device what it carries from now on: to no script, over no plain connection, for no other site. */
export const carry = (reply: FastifyReply, token: string): FastifyReply =>
  reply.header(
    'set-cookie',
    serialize(COOKIE, token, {
      httpOnly: true,
      secure: true,
      sameSite: 'strict',
      path: '/',
      maxAge: KEPT_S,
    }),
  );
