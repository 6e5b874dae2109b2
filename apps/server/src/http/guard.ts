import { Refused } from '../refused';
import type { Routes } from './contract';
import { type Door, doorOf, knockOf, type Reach } from './door';

const POLICY = [
  "default-src 'self'",
  "script-src 'self' 'wasm-unsafe-eval'",
  "worker-src 'self' blob:",
  "style-src 'self' 'unsafe-inline'",
  "img-src 'self' blob: data:",
  "connect-src 'self'",
  "base-uri 'none'",
  "form-action 'self'",
  "frame-ancestors 'none'",
].join('; ');

/** Methods that change nothing. */
const READS: readonly string[] = ['GET', 'HEAD'];

/** Where a browser says a request came from, when it came from the studio's own page, or from nobody's. */
const OWN: readonly unknown[] = ['same-origin', 'none'];

/**
 * Answers only by its own names (another site's page cannot reach the studio by a name that resolves here), takes changes only from its own
 * pages, and lets pages run nothing but what was shipped.
 */
export function guard(app: Routes, reach: () => Reach): void {
  app.decorateRequest('door', null as unknown as Door);
  app.addHook('onRequest', async (request) => {
    const door = doorOf(knockOf(request), reach());
    if (!door) throw new Refused('host', `The studio does not answer by this name. ${ANSWERS}`);
    request.door = door;
    const { origin, 'sec-fetch-site': site } = request.headers;
    if (origin !== undefined && origin !== door.origin) throw foreign();
    if (READS.includes(request.method)) return;
    if (site !== undefined && !OWN.includes(site)) throw foreign();
    // A program on the machine itself says neither; what comes over a network is a browser, which says both.
    if (door.way !== 'machine' && origin === undefined) throw foreign();
  });
  app.addHook('onSend', async (request, reply) => {
    // What the studio holds is never kept by a browser behind its back, unless its route says for how long.
    if (request.url.startsWith('/api/') && reply.getHeader('cache-control') === undefined)
      reply.header('cache-control', 'no-store');
    reply.headers({
      'content-security-policy': POLICY,
      'x-content-type-options': 'nosniff',
      'referrer-policy': 'no-referrer',
      // These two let a page's workers share memory.
      'cross-origin-opener-policy': 'same-origin',
      'cross-origin-embedder-policy': 'require-corp',
      'cross-origin-resource-policy': 'same-origin',
    });
  });
}

const ANSWERS =
  'On its own machine it is at http://127.0.0.1, on the home network where Settings say.';

const foreign = (): Refused => new Refused('origin', 'Another site may not use the studio.');
