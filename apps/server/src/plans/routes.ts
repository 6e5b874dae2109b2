import type { PlanCreate, PlanSave } from '@potter/contract';
import type { FastifyInstance } from 'fastify';
import type { Database } from '../db/open';
import { by } from '../http/contract';
import { createPlan, deletePlan, getPlan, listPlans, savePlan } from './store';

type ById = { Params: { id: string } };

export function planRoutes(app: FastifyInstance, db: Database, now: () => Date): void {
  app.get('/api/plans', { schema: { response: { 200: by('PlanList') } } }, () => listPlans(db));
  app.get<ById>(
    '/api/plans/:id',
    { schema: { response: { 200: by('PlanRecord') } } },
    ({ params }) => getPlan(db, params.id),
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
