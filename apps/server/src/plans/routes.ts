import type { PlanCreate, PlansAsk, PlanSave } from '@potter/contract';
import type { FastifyInstance } from 'fastify';
import type { Database } from '../db/open';
import { asText, by } from '../http/contract';
import { createPlan, deletePlan, getPlanText, listPlansText, savePlan } from './store';

type ById = { Params: { id: string } };

export function planRoutes(app: FastifyInstance, db: Database, now: () => Date): void {
  app.get<{ Querystring: PlansAsk }>(
    '/api/plans',
    { schema: { querystring: by('PlansAsk'), response: { 200: by('PlanList') } } },
    async ({ query }) => asText(await listPlansText(db, query)),
  );
  app.get<ById>(
    '/api/plans/:id',
    { schema: { response: { 200: by('PlanRecord') } } },
    async ({ params }) => asText(await getPlanText(db, params.id)),
  );
  app.post<{ Body: PlanCreate }>(
    '/api/plans',
    { schema: { body: by('PlanCreate'), response: { 201: by('PlanRecord') } } },
    async ({ body }, reply) => reply.code(201).send(await createPlan(db, body, now())),
  );
  app.put<ById & { Body: PlanSave }>(
    '/api/plans/:id',
    { schema: { body: by('PlanSave'), response: { 200: by('PlanSaved') } } },
    ({ params, body }) => savePlan(db, params.id, body, now()),
  );
  app.delete<ById>(
    '/api/plans/:id',
    { schema: { response: { 200: by('Done') } } },
    async ({ params }) => {
      await deletePlan(db, params.id, now());
      return { done: true };
    },
  );
}
