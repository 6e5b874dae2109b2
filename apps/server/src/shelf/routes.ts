import type { Database } from '../db/open';
import { asText, by, DONE, named, type Routes } from '../http/contract';
import { putManyOnShelf, putOnShelf, readShelfText, takeManyOffShelf, takeOffShelf } from './store';

/** A table of some ten thousand things. */
const MOST_BYTES = 16 * 1024 * 1024;

export function shelfRoutes(app: Routes, db: Database, now: () => Date): void {
  app.get('/api/shelf', { schema: { response: { 200: by('Shelf') } } }, async () =>
    asText(await readShelfText(db)),
  );
  app.put(
    '/api/shelf/:kind/:id',
    {
      schema: {
        params: named('kind', 'id'),
        body: by('ShelfChange'),
        response: { 200: by('ShelfItem') },
      },
    },
    ({ params, body }) => putOnShelf(db, params.kind, params.id, body),
  );
  app.post(
    '/api/shelf',
    { bodyLimit: MOST_BYTES, schema: { body: by('Shelf'), response: { 200: by('Done') } } },
    async ({ body }) => {
      await putManyOnShelf(db, body.items);
      return DONE;
    },
  );
  app.post(
    '/api/shelf/off',
    { bodyLimit: MOST_BYTES, schema: { body: by('Shelf'), response: { 200: by('Done') } } },
    async ({ body }) => {
      await takeManyOffShelf(db, body.items, now());
      return DONE;
    },
  );
  app.delete(
    '/api/shelf/:kind/:id',
    { schema: { params: named('kind', 'id'), response: { 200: by('Done') } } },
    async ({ params }) => {
      await takeOffShelf(db, params.kind, params.id, now());
      return DONE;
    },
  );
}
