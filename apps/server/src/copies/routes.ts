import { createReadStream } from 'node:fs';
import { Readable } from 'node:stream';
import type { Database } from '../db/open';
import { by, named, type Routes } from '../http/contract';
import { Refused } from '../refused';
import { bringIn, copyNow, listCopies, lookAtCopy, pathOfCopy } from './copies';

export function copyRoutes(app: Routes, db: Database, now: () => Date): void {
  app.get('/api/copies', { schema: { response: { 200: by('Copies') } } }, () => listCopies(db));
  app.post('/api/copies', { schema: { response: { 200: by('Copies') } } }, () =>
    copyNow(db, now()),
  );
  // Only here, and as it arrives: a studio with its pictures is larger than what fits in memory.
  void app.register((scope: Routes, _options, done) => {
    scope.addContentTypeParser('application/vnd.sqlite3', (_request, body, ready) =>
      ready(null, body),
    );
    scope.post(
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
  app.get(
    '/api/copies/:name/look',
    { schema: { params: named('name'), response: { 200: by('CopyLook') } } },
    ({ params }) => lookAtCopy(db, params.name, { putBack: false, now: now() }),
  );
  app.post(
    '/api/copies/:name/back',
    { schema: { params: named('name'), response: { 200: by('CopyLook') } } },
    ({ params }) => lookAtCopy(db, params.name, { putBack: true, now: now() }),
  );
  app.get('/api/copies/:name', { schema: { params: named('name') } }, async ({ params }, reply) => {
    const path = await pathOfCopy(db, params.name);
    return reply
      .type('application/vnd.sqlite3')
      .header('content-disposition', `attachment; filename="${params.name}"`)
      .send(createReadStream(path));
  });
}
