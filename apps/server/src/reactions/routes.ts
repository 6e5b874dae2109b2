import type { Database } from '../db/open';
import { by, DONE, named, type Routes } from '../http/contract';
import { deleteReaction, listReactions, putReaction } from './store';

export function reactionRoutes(app: Routes, db: Database): void {
  app.get('/api/reactions', { schema: { response: { 200: by('ReactionList') } } }, () =>
    listReactions(db),
  );
  app.put(
    '/api/reactions/:id',
    { schema: { params: named('id'), body: by('Reaction'), response: { 200: by('Reaction') } } },
    ({ params, body }) => putReaction(db, params.id, body),
  );
  app.delete(
    '/api/reactions/:id',
    { schema: { params: named('id'), response: { 200: by('Done') } } },
    async ({ params }) => {
      await deleteReaction(db, params.id);
      return DONE;
    },
  );
}
