import { createHash } from 'node:crypto';
import type { Apart, SchemaName } from '@potter/contract';
import { judge } from '@potter/contract/validators';
import type { Fault } from '@potter/core/schema';
import { type SQL, sql } from 'drizzle-orm';
import type { Database } from './open';
import type { SQLiteColumn } from 'drizzle-orm/sqlite-core';

/** A column of documents as the text it holds: one row that is no JSON must not end the reading of all. */
export const textIn = (column: SQLiteColumn): SQL<string | null> => sql<string | null>`${column}`;

/** Stands between texts of JSON, which hold no such character (RFC 8259: in a string it is escaped). */
const BETWEEN = '\u001e';

/**
 * The rows of a long list: some columns, and the text of a document. They come as two long texts: the driver hands rows over one by one,
 * which for thousands of them takes longer than finding them.
 * @param query a whole SELECT of these columns
 */
export async function rowsWithTexts<Row extends unknown[]>(
  read: Database['read'],
  columns: readonly SQL[],
  text: SQL,
  query: SQL,
): Promise<{ readonly row: Row; readonly text: string }[]> {
  const [one] = await read.all<{ rows: string; texts: string | null }>(
    sql`SELECT json_group_array(json_array(${sql.join([...columns], sql`, `)})) AS rows,
      group_concat(replace(coalesce(${text}, ''), ${BETWEEN}, ' '), ${BETWEEN}) AS texts FROM (${query})`,
  );
  const texts = one?.texts?.split(BETWEEN) ?? [];
  return (JSON.parse(one?.rows ?? '[]') as Row[]).map((row, i) => ({ row, text: texts[i] ?? '' }));
}

/** What a text of JSON holds; undefined where it is none. */
export function parsed(text: string | null): unknown {
  try {
    return text === null ? undefined : (JSON.parse(text) as unknown);
  } catch {
    return undefined;
  }
}

/** Stored documents that are as their schema says, and those that are not, each named with its first fault. */
export interface Documents<T> {
  readonly sound: T[];
  readonly apart: Apart[];
}

/** What a stored text holds: a document, sound unless there is a fault. */
interface Found {
  readonly document?: object;
  readonly fault?: Fault;
}

/** Short texts found before, by schema and id: what has not changed is neither parsed nor judged again. */
const FOUND = new Map<SchemaName, Map<string, Found & { readonly text: string }>>();
/** What stands in lists is short; whole plans are not worth their room. */
const LONGEST_KEPT = 4000;
/** Beyond this many of a schema all are forgotten. */
const MOST_FOUND = 20_000;

function find(schema: SchemaName, id: string, text: string): Found {
  const before = FOUND.get(schema)?.get(id);
  if (before?.text === text) return before;
  const document = parsed(text);
  const is = typeof document === 'object' && document !== null;
  const [fault] = is
    ? judge(schema, document)
    : [{ path: '', message: 'what is stored is no document' }];
  const found = {
    ...(is ? { document: document as object } : {}),
    ...(fault ? { fault } : {}),
  };
  if (text.length > LONGEST_KEPT) return found;
  let known = FOUND.get(schema);
  if (!known || known.size >= MOST_FOUND) FOUND.set(schema, (known = new Map()));
  // Its own copy: a piece of a long text would keep all of that.
  known.set(id, { ...found, text: Buffer.from(text).toString() });
  return found;
}

/** Fingerprints of long texts that were found sound. */
const SOUND = new Set<string>();

/** Whether a stored text is a sound document of a schema; told at once of one that was before. */
export function isSound(schema: SchemaName, text: string): boolean {
  const print = `${schema} ${createHash('sha1').update(text).digest('base64')}`;
  if (SOUND.has(print)) return true;
  if (find(schema, print, text).fault) return false;
  if (SOUND.size >= MOST_FOUND) SOUND.clear();
  SOUND.add(print);
  return true;
}

/**
 * Reads stored documents one by one. What is not as it should be, from an older version or a damaged file, is set apart: it stays in the file
 * as it is, and nothing else suffers.
 * @param whole what is returned of a row, where that is more than its document; not judged again
 */
export function readDocuments<T>(
  schema: SchemaName,
  rows: readonly { readonly id: string; readonly text: string | null }[],
  whole: (document: object, index: number) => T = (document) => document as T,
): Documents<T> {
  const sound: T[] = [];
  const apart: Apart[] = [];
  rows.forEach(({ id, text }, index) => {
    const { document, fault } = find(schema, id, text ?? '');
    if (fault)
      apart.push({
        id,
        name: (document && nameIn(document)) ?? id,
        why: `${fault.path} ${fault.message}`.trim(),
      });
    else if (document) sound.push(whole(document, index));
  });
  return { sound, apart };
}

/** What a document calls itself, or the thing in it. */
export function nameIn(document: object): string | undefined {
  for (const holder of [document, ...Object.values(document)])
    if (typeof holder === 'object' && holder !== null)
      for (const key of ['title', 'name'])
        if (typeof (holder as Record<string, unknown>)[key] === 'string')
          return (holder as Record<string, string>)[key];
  return undefined;
}
