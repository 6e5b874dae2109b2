import type { BinKind } from '@potter/contract';
import type { FastifyInstance } from 'fastify';
import type { Database } from '../db/open';
import { by } from '../http/contract';
import { putBack, readBin } from './bin';

export function binRoutes(app: FastifyInstance, db: Database, now: () => Date): void {
  app.get('/api/bin', { schema: { response: { 200: by('Bin') } } }, () => readBin(db, now()));
  app.post<{ Params: { kind: BinKind; id: string } }>(
    '/api/bin/:kind/:id/back',
    { schema: { response: { 200: by('Done') } } },
    async ({ params }) => {
      await putBack(db, params.kind, params.id);
      return { done: true };
    },
  );
}
