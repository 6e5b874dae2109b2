import type { Database } from '../db/open';
import { by, type Routes } from '../http/contract';
import { readRack } from './store';

export function rackRoutes(app: Routes, db: Database, now: () => Date): void {
  app.get('/api/rack', { schema: { response: { 200: by('Rack') } } }, () => readRack(db, now()));
}
