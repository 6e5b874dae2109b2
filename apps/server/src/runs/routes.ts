import type { Change, RunsAsk } from '@potter/contract';
import type { Run } from '@potter/core/journal';
import type { FastifyInstance } from 'fastify';
import type { Database } from '../db/open';
import { asText, by } from '../http/contract';
import { deleteRun, getRun, listRunsText, putRun } from './store';

type ById = { Params: { id: string } };

export function runRoutes(app: FastifyInstance, db: Database, now: () => Date): void {
  app.get<{ Querystring: RunsAsk }>(
    '/api/runs',
    { schema: { querystring: by('RunsAsk'), response: { 200: by('RunList') } } },
    async ({ query }) => asText(await listRunsText(db, now(), query)),
  );
  app.get<ById>('/api/runs/:id', { schema: { response: { 200: by('Run') } } }, ({ params }) =>
    getRun(db, params.id),
  );
  app.put<ById & { Body: Change<Run> }>(
    '/api/runs/:id',
    { schema: { body: by('RunChange'), response: { 200: by('Run') } } },
    ({ params, body }) => putRun(db, params.id, body),
  );
  app.delete<ById>(
    '/api/runs/:id',
    { schema: { response: { 200: by('Done') } } },
    async ({ params }) => {
      await deleteRun(db, params.id, now());
      return { done: true };
    },
  );
}
