import type { Change, Shelf } from '@potter/contract';
import type { ShelfItem } from '@potter/core/stock';
import type { FastifyInstance } from 'fastify';
import type { Database } from '../db/open';
import { asText, by } from '../http/contract';
import { putManyOnShelf, putOnShelf, readShelfText, takeManyOffShelf, takeOffShelf } from './store';

/** A table of some ten thousand things. */
const MOST_BYTES = 16 * 1024 * 1024;

type OnShelf = { Params: { kind: string; id: string } };

export function shelfRoutes(app: FastifyInstance, db: Database, now: () => Date): void {
  app.get('/api/shelf', { schema: { response: { 200: by('Shelf') } } }, async () =>
    asText(await readShelfText(db)),
  );
  app.put<OnShelf & { Body: Change<ShelfItem> }>(
    '/api/shelf/:kind/:id',
    { schema: { body: by('ShelfChange'), response: { 200: by('ShelfItem') } } },
    ({ params, body }) => putOnShelf(db, params.kind, params.id, body),
  );
  app.post<{ Body: Shelf }>(
    '/api/shelf',
    { bodyLimit: MOST_BYTES, schema: { body: by('Shelf'), response: { 200: by('Done') } } },
    async ({ body }) => {
      await putManyOnShelf(db, body.items);
      return { done: true };
    },
  );
  app.post<{ Body: Shelf }>(
    '/api/shelf/off',
    { bodyLimit: MOST_BYTES, schema: { body: by('Shelf'), response: { 200: by('Done') } } },
    async ({ body }) => {
      await takeManyOffShelf(db, body.items, now());
      return { done: true };
    },
  );
  app.delete<OnShelf>(
    '/api/shelf/:kind/:id',
    { schema: { response: { 200: by('Done') } } },
    async ({ params }) => {
      await takeOffShelf(db, params.kind, params.id, now());
      return { done: true };
    },
  );
}
