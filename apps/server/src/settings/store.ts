import type { Settings } from '@potter/contract';
import { readDocuments, textIn } from '../db/documents';
import type { Database } from '../db/open';
import { settings } from '../db/schema';

/** One studio, one row. */
export const ID = 'studio';

/** The studio's settings; undefined where there are none yet, or none that can be read. */
export async function readSettings({ read }: Database): Promise<Settings | undefined> {
  const rows = await read
    .select({ id: settings.id, text: textIn(settings.settings) })
    .from(settings);
  return readDocuments<Settings>('Settings', rows).sound[0];
}
