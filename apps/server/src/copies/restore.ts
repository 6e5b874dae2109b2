import { copyFile, mkdtemp, rm } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { sql } from 'drizzle-orm';
import { nameIn, parsed } from '../db/documents';
import { Damaged, type Database, openDatabase } from '../db/open';
import { troubleOf } from '../db/trouble';
import { nameBeforeRestore } from './keep';

/** What putting a copy back would do to one kind of thing; each is named. */
export interface Difference {
  readonly kind: string;
  readonly brings: readonly string[];
  readonly takesAway: readonly string[];
  readonly changes: readonly string[];
  readonly same: number;
}

/** Each kind by its words, with the query that gives its rows: a key and the document as text. */
const KINDS: readonly (readonly [kind: string, rows: string])[] = [
  ['plans', 'SELECT id AS key, "plan" AS text FROM plans'],
  ['pours', 'SELECT id AS key, run AS text FROM runs'],
  ['things on the shelf', `SELECT kind || ' ' || id AS key, item AS text FROM shelf`],
  ['notes of paints that clash', 'SELECT id AS key, reaction AS text FROM reactions'],
  ['settings', `SELECT id AS key, settings AS text FROM settings`],
  ['pictures', `SELECT id AS key, id AS text FROM pictures`],
  [
    'things in the bin',
    `SELECT kind || ' ' || id AS key, json_object('name', name) AS text FROM bin`,
  ],
];

async function rowsOf({ read }: Database, query: string): Promise<Map<string, string>> {
  const rows = await read.all<{ key: string; text: string }>(sql.raw(query));
  return new Map(rows.map((row) => [row.key, row.text]));
}

/** How the studio would change if another state of it took its place. */
async function differences(now: Database, then: Database): Promise<Difference[]> {
  const found: Difference[] = [];
  for (const [kind, query] of KINDS) {
    const [here, there] = [await rowsOf(now, query), await rowsOf(then, query)];
    const named = (rows: Map<string, string>) => (key: string) => {
      const document = parsed(rows.get(key) ?? null);
      return typeof document === 'object' && document ? (nameIn(document) ?? key) : key;
    };
    const both = [...here.keys()].filter((key) => there.has(key));
    found.push({
      kind,
      brings: [...there.keys()].filter((key) => !here.has(key)).map(named(there)),
      takesAway: [...here.keys()].filter((key) => !there.has(key)).map(named(here)),
      changes: both.filter((key) => here.get(key) !== there.get(key)).map(named(there)),
      same: both.filter((key) => here.get(key) === there.get(key)).length,
    });
  }
  return found;
}

/**
 * Looks at a copy beside an open studio, and where asked puts it in the studio's place. The copy itself is never touched; the studio as it was
 * is kept as a copy of its own first. Throws where the copy is not there, or damaged.
 * @returns the differences, and where the studio as it was lies now
 */
export async function restore(
  studio: Database,
  copy: string,
  { putBack, now }: { readonly putBack: boolean; readonly now: Date },
): Promise<{ readonly differences: readonly Difference[]; readonly before?: string }> {
  if (studio.path === undefined) throw new Error('This studio is no file of this machine.');
  const beside = dirname(studio.path);
  // A folder of its own beside the studio: opening a copy of an earlier version brings its form up to date, with files of its own.
  const folder = await mkdtemp(join(beside, 'restoring-'));
  try {
    const taken = join(folder, 'taken.db');
    const there = await copyFile(copy, taken)
      .then(() => studio.another(taken))
      .catch((error: unknown) => {
        throw new Error(`${copy} ${whyNot(error)}.`);
      });
    let found;
    try {
      found = await differences(studio, there);
    } finally {
      await there.close();
    }
    if (!putBack) return { differences: found };
    const before = join(beside, 'copies', nameBeforeRestore(now));
    await studio.become(taken, before);
    return { differences: found, before };
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}

/** As `restore`, of a studio that no program has open. Throws where one has. */
export async function restoreFile(
  path: string,
  copy: string,
  migrations: string,
  asked: { readonly putBack: boolean; readonly now: Date },
): ReturnType<typeof restore> {
  const studio = await openDatabase(pathToFileURL(path).href, migrations);
  try {
    return await restore(studio, copy, asked);
  } finally {
    await studio.close();
  }
}

/** Why a file cannot be put back, in words that go on from its name. */
function whyNot(error: unknown): string {
  if ((error as NodeJS.ErrnoException).code === 'ENOENT') return 'is not there';
  if (error instanceof Damaged || troubleOf(error)?.code === 'damaged')
    return 'is damaged, or no copy of a studio';
  return `cannot be opened: ${error instanceof Error ? error.message : String(error)}`;
}
