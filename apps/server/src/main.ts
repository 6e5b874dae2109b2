import { existsSync } from 'node:fs';
import { hostname, networkInterfaces } from 'node:os';
import { resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { buildApp } from './app';
import { emptyBin } from './bin/bin';
import { copyOfTheDay } from './copies/copies';
import { openDatabase } from './db/open';
import { troubleOf } from './db/trouble';
import { forgetDevices } from './home/devices';
import { homeDoor } from './home/door';
import { invitation } from './home/invitation';
import { namesOf } from './home/names';
import { threadHost } from './pours/host';
import { printHost } from './prints/host';
import { seed } from './seed/seed';
import { settingOf } from './setting';

/** A studio that cannot be opened as it was told is no fault of the program: one plain sentence, no trace. */
function giveUp(error: unknown): never {
  console.error(
    troubleOf(error)?.message ?? (error instanceof Error ? error.message : String(error)),
  );
  process.exit(1);
}

/** What it is told as it starts. */
function told(): ReturnType<typeof settingOf> {
  try {
    return settingOf(process.argv.slice(2), process.env, resolve(here, 'data'));
  } catch (error) {
    return giveUp(error);
  }
}

// Bundled into dist/ or run from src/: either way one folder below the server's own.
const here = resolve(import.meta.dirname, '..');
const webFolder = resolve(here, '../web/dist');
const setting = told();

/** A built thread; run from the sources there is none. */
const thread = (name: string): URL | undefined => {
  const path = resolve(here, 'dist', name);
  return existsSync(path) ? pathToFileURL(path) : undefined;
};

const copyThread = thread('copy.thread.js');
const db = await openDatabase(setting.url, resolve(here, 'drizzle'), {
  ...(copyThread ? { copyThread } : {}),
  ...(setting.token === undefined ? {} : { token: setting.token }),
}).catch(giveUp);
if (process.env.POTTER_SEED) await seed(db, resolve(process.env.POTTER_SEED), new Date());

const pourThread = thread('pour.thread.js');
// Without one the page computes its own previews anyway.
const pours = pourThread ? threadHost(pourThread) : undefined;
const printThread = thread('print.thread.js');
const home = homeDoor({
  folder: setting.keys,
  port: setting.homePort,
  ...(setting.home?.at === undefined ? {} : { at: setting.home.at }),
  ...(setting.outside === undefined ? {} : { outside: setting.outside }),
  names: () =>
    namesOf(
      hostname(),
      Object.values(networkInterfaces()).flatMap((cards) => cards ?? []),
      setting.home?.at,
    ),
  now: () => new Date(),
});
const app = await buildApp({
  db,
  log: true,
  home,
  loopbackAsks: setting.loopbackAsks,
  ...(existsSync(webFolder) ? { webFolder } : {}),
  ...(pours ? { pours } : {}),
  ...(printThread ? { prints: printHost(printThread) } : {}),
});
await app.listen({ host: '127.0.0.1', port: setting.port });

if (setting.home || home.leftOpen())
  await home.open(app, false).catch((error: unknown) => {
    // Asked for on the command line it has to be; left open in Settings the machine may be elsewhere today.
    if (setting.home) giveUp(error);
    console.error(error instanceof Error ? error.message : String(error));
  });

/** Looked at this often, so that a studio that runs for weeks has its copy of every day, ms. */
const HOUR_MS = 3_600_000;
const everyHour = async () => {
  await copyOfTheDay(db, new Date());
  for (const task of [emptyBin, forgetDevices])
    await task(db, new Date()).catch((error: unknown) => app.log.error(error));
};
void everyHour();
setInterval(() => void everyHour(), HOUR_MS).unref();
/** A machine may be given another address at any time, ms. */
const RENEW_MS = 60_000;
setInterval(
  () => void home.renew().catch((error: unknown) => app.log.error(error)),
  RENEW_MS,
).unref();

/** A save takes milliseconds; whoever still hangs on after this is not saving. */
const STOP_WITHIN_MS = 3000;

let stopping: Promise<void> | undefined;
async function stop(): Promise<void> {
  // Requests under way are answered, then the database is closed; a reader that never reads is not waited for.
  await Promise.race([
    Promise.all([home.close(false), app.close()]),
    new Promise((resolve) => setTimeout(resolve, STOP_WITHIN_MS)),
  ]);
  await pours?.close();
  await db.close();
  process.exit(0);
}
for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.on(signal, () => void (stopping ??= stop()));

// Last: whoever reads it may use the studio, and stop it.
if (setting.home || setting.outside !== undefined) console.log(await invitation(home));
console.log(`Potter is at http://127.0.0.1:${setting.port}`);
