import { createReadStream } from 'node:fs';
import type { FastifyInstance } from 'fastify';
import type { Database } from '../db/open';
import { by } from '../http/contract';
import { copyNow, listCopies, pathOfCopy } from './copies';

export function copyRoutes(app: FastifyInstance, db: Database, now: () => Date): void {
  app.get('/api/copies', { schema: { response: { 200: by('Copies') } } }, () => listCopies(db));
  app.post('/api/copies', { schema: { response: { 200: by('Copies') } } }, () =>
    copyNow(db, now()),
  );
  app.get<{ Params: { name: string } }>('/api/copies/:name', async ({ params }, reply) => {
    const path = await pathOfCopy(db, params.name);
    return reply
      .type('application/vnd.sqlite3')
      .header('content-disposition', `attachment; filename="${params.name}"`)
      .send(createReadStream(path));
  });
}
