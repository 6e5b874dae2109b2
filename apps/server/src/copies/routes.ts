import { createReadStream } from 'node:fs';
import { Readable } from 'node:stream';
import type { FastifyInstance } from 'fastify';
import type { Database } from '../db/open';
import { by } from '../http/contract';
import { Refused } from '../refused';
import { bringIn, copyNow, listCopies, lookAtCopy, pathOfCopy } from './copies';

type ByName = { Params: { name: string } };

export function copyRoutes(app: FastifyInstance, db: Database, now: () => Date): void {
  app.get('/api/copies', { schema: { response: { 200: by('Copies') } } }, () => listCopies(db));
  app.post('/api/copies', { schema: { response: { 200: by('Copies') } } }, () =>
    copyNow(db, now()),
  );
  // Only here, and as it arrives: a studio with its pictures is larger than what fits in memory.
  void app.register((scope, _options, done) => {
    scope.addContentTypeParser('application/vnd.sqlite3', (_request, body, ready) =>
      ready(null, body),
    );
    scope.post<{ Body: Readable }>(
      '/api/copies/in',
      { bodyLimit: Number.MAX_SAFE_INTEGER, schema: { response: { 200: by('CopyBrought') } } },
      ({ body }) => {
        if (!(body instanceof Readable))
          throw new Refused('not-a-copy', 'Send a copy of a studio.');
        return bringIn(db, body, now());
      },
    );
    done();
  });
  app.get<ByName>(
    '/api/copies/:name/look',
    { schema: { response: { 200: by('CopyLook') } } },
    ({ params }) => lookAtCopy(db, params.name, { putBack: false, now: now() }),
  );
  app.post<ByName>(
    '/api/copies/:name/back',
    { schema: { response: { 200: by('CopyLook') } } },
    ({ params }) => lookAtCopy(db, params.name, { putBack: true, now: now() }),
  );
  app.get<ByName>('/api/copies/:name', async ({ params }, reply) => {
    const path = await pathOfCopy(db, params.name);
    return reply
      .type('application/vnd.sqlite3')
      .header('content-disposition', `attachment; filename="${params.name}"`)
      .send(createReadStream(path));
  });
}
