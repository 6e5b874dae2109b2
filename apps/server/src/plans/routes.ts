import type { Database } from '../db/open';
import { asText, by, DONE, named, type Routes } from '../http/contract';
import { createPlan, deletePlan, getPlanText, listPlansText, savePlan } from './store';

export function planRoutes(app: Routes, db: Database, now: () => Date): void {
  app.get(
    '/api/plans',
    { schema: { querystring: by('PlansAsk'), response: { 200: by('PlanList') } } },
    async ({ query }) => asText(await listPlansText(db, query)),
  );
  app.get(
    '/api/plans/:id',
    { schema: { params: named('id'), response: { 200: by('PlanRecord') } } },
    async ({ params }) => asText(await getPlanText(db, params.id)),
  );
  app.post(
    '/api/plans',
    { schema: { body: by('PlanCreate'), response: { 201: by('PlanRecord') } } },
    async ({ body }, reply) => reply.code(201).send(await createPlan(db, body, now())),
  );
  app.put(
    '/api/plans/:id',
    { schema: { params: named('id'), body: by('PlanSave'), response: { 200: by('PlanSaved') } } },
    ({ params, body }) => savePlan(db, params.id, body, now()),
  );
  app.delete(
    '/api/plans/:id',
    { schema: { params: named('id'), response: { 200: by('Done') } } },
    async ({ params }) => {
      await deletePlan(db, params.id, now());
      return DONE;
    },
  );
}
