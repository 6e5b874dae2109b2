import { Refused } from '../refused';
import type { Routes } from './contract';

const LOOPBACK = /^(127\.0\.0\.1|localhost|\[::1\])(:\d{1,5})?$/i;

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

/**
 * Answers only to this machine by its own names (another site's page cannot reach the studio by a name that
 * resolves here), and lets pages run nothing but what was shipped.
 */
export function guard(app: Routes): void {
  app.addHook('onRequest', async (request) => {
    const { host, origin } = request.headers;
    if (!host || !LOOPBACK.test(host))
      throw new Refused('host', 'The studio answers only on this machine, at http://127.0.0.1.');
    if (origin !== undefined && origin !== `http://${host}`)
      throw new Refused('origin', 'Another site may not use the studio.');
  });
  app.addHook('onSend', async (request, reply) => {
    // What the studio holds is never kept by a browser behind its back, unless its route says for how long.
    if (request.url.startsWith('/api/') && reply.getHeader('cache-control') === undefined)
      reply.header('cache-control', 'no-store');
    reply.headers({
      'content-security-policy': POLICY,
      'x-content-type-options': 'nosniff',
      'referrer-policy': 'no-referrer',
      'cross-origin-opener-policy': 'same-origin',
      'cross-origin-resource-policy': 'same-origin',
    });
  });
}
