// A studio's file as an earlier version left it: its form of then, with what the demo holds many times over.
import { createHash } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { createClient } from '@libsql/client';

const migrations = join(import.meta.dirname, '../apps/server/drizzle');

/** The last change of the file's form that has been made in it. */
const UNTIL = '0004_save-ids';
const TIMES = 120;

/** Writes such a file from one of the present form; returns how many plans, pours and things it holds. */
export async function writeOldForm(from, to) {
  const now = createClient({ url: pathToFileURL(from).href });
  const then = createClient({ url: pathToFileURL(to).href });
  const { entries } = JSON.parse(await readFile(join(migrations, 'meta/_journal.json'), 'utf8'));
  const until = entries.findIndex((e) => e.tag === UNTIL) + 1;
  await then.execute(
    'CREATE TABLE __drizzle_migrations (id SERIAL PRIMARY KEY, hash text NOT NULL, created_at numeric)',
  );
  for (const { tag, when } of entries.slice(0, until)) {
    const text = await readFile(join(migrations, `${tag}.sql`), 'utf8');
    for (const statement of text.split('--> statement-breakpoint')) await then.execute(statement);
    const hash = createHash('sha256').update(text).digest('hex');
    await then.execute({
      sql: 'INSERT INTO __drizzle_migrations (hash, created_at) VALUES (?, ?)',
      args: [hash, when],
    });
  }
  const counts = {};
  for (const table of ['plans', 'runs', 'shelf']) {
    const columns = (await then.execute(`PRAGMA table_info(${table})`)).rows.map(
      (r) => `"${r[1]}"`,
    );
    const { rows } = await now.execute(`SELECT ${columns.join(', ')} FROM ${table}`);
    const id = columns.indexOf('"id"');
    const places = columns.map(() => '?').join(', ');
    const many = Array.from({ length: TIMES }, (_, i) =>
      rows.map((row) => columns.map((_, c) => (c === id && i > 0 ? `${row[c]}-${i}` : row[c]))),
    ).flat();
    await then.batch(
      many.map((args) => ({
        sql: `INSERT INTO ${table} (${columns.join(', ')}) VALUES (${places})`,
        args,
      })),
      'write',
    );
    counts[table] = many.length;
  }
  now.close();
  then.close();
  return counts;
}
