import type { Reaction } from '@potter/core/paint';
import type { FastifyInstance } from 'fastify';
import type { Database } from '../db/open';
import { by } from '../http/contract';
import { deleteReaction, listReactions, putReaction } from './store';

type ById = { Params: { id: string } };

export function reactionRoutes(app: FastifyInstance, db: Database): void {
  app.get('/api/reactions', { schema: { response: { 200: by('ReactionList') } } }, () =>
    listReactions(db),
  );
  app.put<ById & { Body: Reaction }>(
    '/api/reactions/:id',
    { schema: { body: by('Reaction'), response: { 200: by('Reaction') } } },
    ({ params, body }) => putReaction(db, params.id, body),
  );
  app.delete<ById>(
    '/api/reactions/:id',
    { schema: { response: { 200: by('Done') } } },
    async ({ params }) => {
      await deleteReaction(db, params.id);
      return { done: true };
    },
  );
}
