import { chmod, mkdir, open, readFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { type Client, createClient } from '@libsql/client';
import { sql } from 'drizzle-orm';
import { drizzle, type LibSQLDatabase } from 'drizzle-orm/libsql';
import { migrate } from 'drizzle-orm/libsql/migrator';
import { become } from './become';
import { copyInto } from './copy';
import { copyAside } from './copy-aside';
import { lockFile } from './lock';
import * as schema from './schema';
import { serial } from './serial';

export interface Database {
  readonly read: LibSQLDatabase<typeof schema>;
  /** Runs one write after another: an open write makes any other on the same client fail at once. */
  readonly write: <T>(task: (db: LibSQLDatabase<typeof schema>) => Promise<T>) => Promise<T>;
  /** Its file, where it is one. */
  readonly path?: string;
  /** It is another machine's: no connection to it outlasts a statement, and others may write to it. */
  readonly remote: boolean;
  /** Writes the whole of it into another file. */
  readonly copy: (path: string) => Promise<void>;
  /** Opens another file, brought to the form of this one. */
  readonly another: (path: string) => Promise<Database>;
  /** Takes all of another file of the same form in the place of all there is, which is copied first; or nothing of it. */
  readonly become: (path: string, copyFirst: string) => Promise<void>;
  readonly close: () => Promise<void>;
}

/**
 * A write is on the disk before it is answered (`FULL`): what was acknowledged survives a power cut. Nobody else writes (see `lockFile`), so
 * there is no waiting for a lock on the event loop.
 */
const PRAGMAS = ['journal_mode = WAL', 'synchronous = FULL', 'foreign_keys = ON'] as const;

export interface Opening {
  /** The built thread that copies; without it copies are made here, and all else waits for them. */
  readonly copyThread?: URL;
  /** What a libSQL server knows this studio by. */
  readonly token?: string;
}

/**
 * Opens and migrates the database named by one URL: a local file, `:memory:`, or a libSQL server (`https:`, `libsql:`; `http:` beside it).
 * Throws where it is another program's, damaged, of a newer version, or does not answer.
 * @param migrations folder of the generated migrations
 */
export async function openDatabase(
  url: string,
  migrations: string,
  { copyThread, token }: Opening = {},
): Promise<Database> {
  const path = url.startsWith('file:') ? fileURLToPath(url) : undefined;
  const remote = path === undefined && url !== ':memory:';
  const unlock = path === undefined ? () => undefined : await prepare(path);
  try {
    const client = createClient({ url, ...(token === undefined ? {} : { authToken: token }) });
    if (path !== undefined) {
      for (const pragma of PRAGMAS) await client.execute(`PRAGMA ${pragma}`);
      await lookAt(client, path);
    }
    const db = drizzle(client, { schema });
    const ahead = await toBeDone(client, migrations);
    if (path !== undefined && ahead !== undefined)
      await copyInto(client, join(dirname(path), 'copies', `before-${ahead}.db`));
    await migrate(db, { migrationsFolder: migrations });
    const inTurn = serial();
    const oneCopy = serial();
    return {
      read: db,
      write: (task) => inTurn(() => (remote ? asOne(db, task) : task(db))),
      remote,
      ...(path === undefined ? {} : { path }),
      copy: (to) =>
        copyThread
          ? oneCopy(() => copyAside(copyThread, url, to))
          : inTurn(() => copyInto(client, to)),
      another: (file) => openDatabase(pathToFileURL(file).href, migrations),
      become: (file, copyFirst) =>
        // In one turn: what is written between the two would be in neither.
        inTurn(async () => {
          await copyInto(client, copyFirst);
          await become(client, file);
        }),
      close: async () => {
        // Whatever is being written is written; then the log is emptied into the file, so that the file alone holds everything.
        await inTurn(async () => {
          if (path !== undefined) await client.execute('PRAGMA wal_checkpoint(TRUNCATE)');
        }).catch(() => undefined);
        client.close();
        unlock();
      },
    };
  } catch (error) {
    unlock();
    throw error;
  }
}

/** The folder there, the file this program's alone, and nobody else's to read. */
async function prepare(path: string): Promise<() => void> {
  await mkdir(dirname(path), { recursive: true, mode: 0o700 });
  const unlock = lockFile(path);
  const file = await open(path, 'a', 0o600);
  await file.close();
  await chmod(path, 0o600);
  return unlock;
}

/** The file is not whole. */
export class Damaged extends Error {}

/** A damaged file is said before anything is written to it. */
async function lookAt(client: Client, path: string): Promise<void> {
  const { rows } = await client.execute('PRAGMA quick_check(1)');
  const said = String(rows[0]?.[0] ?? 'ok');
  if (said !== 'ok')
    throw new Damaged(
      `The studio ${path} is damaged (${said}). Nothing was changed; put back a copy of the file from before.`,
    );
}

/** The studio was last opened by a newer version. */
class Newer extends Error {}

/**
 * The first change of form the studio has not had yet, where it has had any: a file of an earlier version is copied as it was before it. Throws
 * where it has had more of them than this version knows.
 */
async function toBeDone(client: Client, migrations: string): Promise<string | undefined> {
  const done = await client
    .execute('SELECT count(*) FROM __drizzle_migrations')
    .then(({ rows }) => Number(rows[0]?.[0] ?? 0))
    .catch((error: unknown) => {
      // A new one has had none.
      if (/no such table/.test(String(error))) return 0;
      throw error;
    });
  const { entries } = JSON.parse(
    await readFile(join(migrations, 'meta/_journal.json'), 'utf8'),
  ) as { readonly entries: readonly { readonly tag: string }[] };
  if (done > entries.length)
    throw new Newer(
      'This studio was last opened by a newer version of Potter. Nothing was changed; open it with that version, or put back a copy of before.',
    );
  return done > 0 ? entries[done]?.tag : undefined;
}

/**
 * A write as one transaction, which holds everybody else's off from its first reading on: to another machine's database others may write
 * between two statements.
 */
function asOne<T>(
  db: LibSQLDatabase<typeof schema>,
  task: (db: LibSQLDatabase<typeof schema>) => Promise<T>,
): Promise<T> {
  return db.transaction(async (inside) => {
    // It begins with its first statement; what the task reads has to lie behind that.
    await inside.run(sql`SELECT 1`);
    const batch = async (statements: readonly PromiseLike<unknown>[]) => {
      const results = [];
      for (const statement of statements) results.push(await statement);
      return results;
    };
    return task(Object.assign(inside, { batch }) as unknown as LibSQLDatabase<typeof schema>);
  });
}
