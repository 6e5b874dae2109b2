import type { ShelfItem } from '@potter/contract';
import type { FastifyInstance } from 'fastify';
import type { Database } from '../db/open';
import { by } from '../http/contract';
import { putOnShelf, readShelf, takeOffShelf } from './store';

type OnShelf = { Params: { kind: string; id: string } };

export function shelfRoutes(app: FastifyInstance, db: Database): void {
  app.get('/api/shelf', { schema: { response: { 200: by('Shelf') } } }, () => readShelf(db));
  app.put<OnShelf & { Body: ShelfItem }>(
    '/api/shelf/:kind/:id',
    { schema: { body: by('ShelfItem'), response: { 200: by('ShelfItem') } } },
    ({ params, body }) => putOnShelf(db, params.kind, params.id, body),
  );
  app.delete<OnShelf>(
    '/api/shelf/:kind/:id',
    { schema: { response: { 200: by('Done') } } },
    async ({ params }) => {
      await takeOffShelf(db, params.kind, params.id);
      return { done: true };
    },
  );
}
