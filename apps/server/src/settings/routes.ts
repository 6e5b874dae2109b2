import { DEFAULT_SETTINGS } from '@potter/contract';
import { withChange } from '../db/change';
import type { Database } from '../db/open';
import { settings } from '../db/schema';
import { by, type Routes } from '../http/contract';
import { ID, readSettings } from './store';

export function settingsRoutes(app: Routes, db: Database): void {
  app.get(
    '/api/settings',
    { schema: { response: { 200: by('Settings') } } },
    // Settings that cannot be read are the studio's first ones: no screen fails for them.
    async () => (await readSettings(db)) ?? DEFAULT_SETTINGS,
  );
  app.put(
    '/api/settings',
    { schema: { body: by('SettingsChange'), response: { 200: by('Settings') } } },
    ({ body }) =>
      db.write(async (w) => {
        const stands = (await readSettings(db)) ?? DEFAULT_SETTINGS;
        const next = withChange('Settings', stands, body, 'A setting');
        await w
          .insert(settings)
          .values({ id: ID, settings: next })
          .onConflictDoUpdate({ target: settings.id, set: { settings: next } });
        return next;
      }),
  );
}
