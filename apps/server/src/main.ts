import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { buildApp } from './app';
import { emptyBin } from './bin/bin';
import { copyOfTheDay } from './copies/copies';
import { openDatabase } from './db/open';
import { troubleOf } from './db/trouble';
import { threadHost } from './pours/host';
import { seed } from './seed/seed';

// Bundled into dist/ or run from src/: either way one folder below the server's own.
const here = resolve(import.meta.dirname, '..');
const port = Number(process.env.PORT ?? 4173);
const url = process.env.POTTER_DB ?? pathToFileURL(resolve(here, 'data/potter.db')).href;
const webFolder = resolve(here, '../web/dist');

/** A built thread; run from the sources there is none. */
const thread = (name: string): URL | undefined => {
  const path = resolve(here, 'dist', name);
  return existsSync(path) ? pathToFileURL(path) : undefined;
};

const db = await openDatabase(url, resolve(here, 'drizzle'), thread('copy.thread.js')).catch(
  (error: unknown) => {
    // A studio that cannot be opened is no fault of the program: one plain sentence, no trace.
    console.error(
      troubleOf(error)?.message ?? (error instanceof Error ? error.message : String(error)),
    );
    process.exit(1);
  },
);
if (process.env.POTTER_SEED) await seed(db, resolve(process.env.POTTER_SEED), new Date());

const pourThread = thread('pour.thread.js');
// Without one the page computes its own previews anyway.
const pours = pourThread ? threadHost(pourThread) : undefined;
const app = await buildApp({
  db,
  log: true,
  ...(existsSync(webFolder) ? { webFolder } : {}),
  ...(pours ? { pours } : {}),
});
await app.listen({ host: '127.0.0.1', port });
/** Looked at this often, so that a studio that runs for weeks has its copy of every day, ms. */
const COPY_EVERY_MS = 3_600_000;
const everyHour = async () => {
  await copyOfTheDay(db, new Date());
  await emptyBin(db, new Date()).catch((error: unknown) => app.log.error(error));
};
void everyHour();
setInterval(() => void everyHour(), COPY_EVERY_MS).unref();
console.log(`Potter is at http://127.0.0.1:${port}`);

/** A save takes milliseconds; whoever still hangs on after this is not saving. */
const STOP_WITHIN_MS = 3000;

let stopping: Promise<void> | undefined;
async function stop(): Promise<void> {
  // Requests under way are answered, then the database is closed; a reader that never reads is not waited for.
  await Promise.race([app.close(), new Promise((resolve) => setTimeout(resolve, STOP_WITHIN_MS))]);
  await pours?.close();
  await db.close();
  process.exit(0);
}
for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.on(signal, () => void (stopping ??= stop()));
