import type { FastifyRequest } from 'fastify';
import { by, DONE, type Routes } from '../http/contract';
import type { Hub } from './hub';

/** What was changed is told by its address: `plans/p-1`, `shelf/paint/oat`, `settings`. */
const ABOUT =
  /^\/api\/((?:plans|runs|shelf|settings|reactions|pictures|bin|copies|devices|pair|home)\b[^?]*)/;

const READS: readonly string[] = ['GET', 'HEAD'];

/** A page's own id, by which it is not told what it did itself. */
const pageOf = ({ headers }: FastifyRequest): string | undefined => {
  const page = headers['x-potter-page'];
  return typeof page === 'string' ? page : undefined;
};

/** Tells every page that listens of every change, once it is answered; and what is on the scale, which is kept nowhere. */
export function liveRoutes(app: Routes, hub: Hub): void {
  app.addHook('onResponse', async (request, reply) => {
    if (READS.includes(request.method) || reply.statusCode >= 300) return;
    const about = ABOUT.exec(request.url)?.[1];
    if (about !== undefined)
      hub.tell({ kind: 'changed', about: decodeURIComponent(about) }, pageOf(request));
  });
  app.addHook('preClose', async () => hub.close());
  app.get('/api/live', { schema: { querystring: by('LiveAsk') } }, (request, reply) => {
    reply.hijack();
    const headers = reply.getHeaders() as Record<string, string>;
    reply.raw.writeHead(200, {
      ...headers,
      'content-type': 'text/event-stream',
      'cache-control': 'no-store',
      // A proxy hands on what is written as it is written.
      'x-accel-buffering': 'no',
    });
    hub.join({ page: request.query.page, device: request.device?.id, response: reply.raw });
  });
  app.put(
    '/api/live/table',
    { schema: { body: by('TableNow'), response: { 200: by('Done') } } },
    ({ body: { page, table } }) => {
      hub.table(page, table);
      return DONE;
    },
  );
}
