import { DEFAULT_SETTINGS, type Settings } from '@potter/contract';
import type { FastifyInstance } from 'fastify';
import { readDocuments, textIn } from '../db/documents';
import type { Database } from '../db/open';
import { settings } from '../db/schema';
import { by } from '../http/contract';

/** One studio, one row. */
const ID = 'studio';

export function settingsRoutes(app: FastifyInstance, db: Database): void {
  app.get('/api/settings', { schema: { response: { 200: by('Settings') } } }, async () => {
    const rows = await db.read
      .select({ id: settings.id, text: textIn(settings.settings) })
      .from(settings);
    // Settings that cannot be read are the studio's first ones: no screen fails for them.
    return readDocuments<Settings>('Settings', rows).sound[0] ?? DEFAULT_SETTINGS;
  });
  app.put<{ Body: Settings }>(
    '/api/settings',
    { schema: { body: by('Settings'), response: { 200: by('Settings') } } },
    async ({ body }) => {
      await db.write((w) =>
        w
          .insert(settings)
          .values({ id: ID, settings: body })
          .onConflictDoUpdate({ target: settings.id, set: { settings: body } }),
      );
      return body;
    },
  );
}
