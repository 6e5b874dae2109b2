import type { Database } from '../db/open';
import { by, DONE, named, type Routes } from '../http/contract';
import { putBack, readBin } from './bin';

export function binRoutes(app: Routes, db: Database, now: () => Date): void {
  app.get('/api/bin', { schema: { response: { 200: by('Bin') } } }, () => readBin(db, now()));
  app.post(
    '/api/bin/:kind/:id/back',
    { schema: { params: named('kind', 'id'), response: { 200: by('Done') } } },
    async ({ params }) => {
      await putBack(db, params.kind, params.id);
      return DONE;
    },
  );
}
