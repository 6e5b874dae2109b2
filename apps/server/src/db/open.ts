import { mkdir } from 'node:fs/promises';
import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';
import { createClient } from '@libsql/client';
import { drizzle, type LibSQLDatabase } from 'drizzle-orm/libsql';
import { migrate } from 'drizzle-orm/libsql/migrator';
import * as schema from './schema';
import { serial } from './serial';

export interface Database {
  readonly read: LibSQLDatabase<typeof schema>;
  /** Runs one write after another: an open write makes any other on the same client fail at once. */
  readonly write: <T>(task: (db: LibSQLDatabase<typeof schema>) => Promise<T>) => Promise<T>;
  readonly close: () => void;
}

/** Wait this long for another process's write before giving up, ms. */
const BUSY_MS = 5000;

/**
 * Opens and migrates the database named by one URL: a local file, `:memory:`, or a libSQL server.
 * @param migrations folder of the generated migrations
 */
export async function openDatabase(url: string, migrations: string): Promise<Database> {
  if (url.startsWith('file:')) await mkdir(dirname(fileURLToPath(url)), { recursive: true });
  const client = createClient({ url });
  if (url.startsWith('file:')) {
    for (const pragma of [
      'journal_mode = WAL',
      'synchronous = NORMAL',
      'foreign_keys = ON',
      `busy_timeout = ${BUSY_MS}`,
    ]) {
      await client.execute(`PRAGMA ${pragma}`);
    }
  }
  const db = drizzle(client, { schema });
  await migrate(db, { migrationsFolder: migrations });
  const inTurn = serial();
  return { read: db, write: (task) => inTurn(() => task(db)), close: () => client.close() };
}
