import type { Database } from '../db/open';
import { asText, by, DONE, named, type Routes } from '../http/contract';
import { deleteRun, getRun, listRunsText, putRun } from './store';

export function runRoutes(app: Routes, db: Database, now: () => Date): void {
  app.get(
    '/api/runs',
    { schema: { querystring: by('RunsAsk'), response: { 200: by('RunList') } } },
    async ({ query }) => asText(await listRunsText(db, now(), query)),
  );
  app.get(
    '/api/runs/:id',
    { schema: { params: named('id'), response: { 200: by('Run') } } },
    ({ params }) => getRun(db, params.id),
  );
  app.put(
    '/api/runs/:id',
    { schema: { params: named('id'), body: by('RunChange'), response: { 200: by('Run') } } },
    ({ params, body }) => putRun(db, params.id, body),
  );
  app.delete(
    '/api/runs/:id',
    { schema: { params: named('id'), response: { 200: by('Done') } } },
    async ({ params }) => {
      await deleteRun(db, params.id, now());
      return DONE;
    },
  );
}
