import { DEFAULT_SETTINGS, type Settings } from '@potter/contract';
import { withChange } from '../db/change';
import { readDocuments, textIn } from '../db/documents';
import type { Database } from '../db/open';
import { settings } from '../db/schema';
import { by, type Routes } from '../http/contract';

/** One studio, one row. */
const ID = 'studio';

async function readSettings({ read }: Database): Promise<Settings | undefined> {
  const rows = await read
    .select({ id: settings.id, text: textIn(settings.settings) })
    .from(settings);
  return readDocuments<Settings>('Settings', rows).sound[0];
}

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
