import type { ShelfPaint } from '@potter/contract';
import type { FastifyInstance } from 'fastify';
import type { Database } from '../db/open';
import { by } from '../http/contract';
import { deletePaint, listPaints, putPaint } from './store';

type ById = { Params: { id: string } };

export function paintRoutes(app: FastifyInstance, db: Database): void {
  app.get('/api/paints', { schema: { response: { 200: by('ShelfPaintList') } } }, () =>
    listPaints(db),
  );
  app.put<ById & { Body: ShelfPaint }>(
    '/api/paints/:id',
    { schema: { body: by('ShelfPaint'), response: { 200: by('ShelfPaint') } } },
    ({ params, body }) => putPaint(db, params.id, body),
  );
  app.delete<ById>(
    '/api/paints/:id',
    { schema: { response: { 200: by('Done') } } },
    async ({ params }) => {
      await deletePaint(db, params.id);
      return { done: true };
    },
  );
}
