import type { Apart, SchemaName } from '@potter/contract';
import { judge } from '@potter/contract/validators';
import { type SQL, sql } from 'drizzle-orm';
import type { SQLiteColumn } from 'drizzle-orm/sqlite-core';

/** A column of documents as the text it holds: one row that is no JSON must not end the reading of all. */
export const textIn = (column: SQLiteColumn): SQL<string | null> => sql<string | null>`${column}`;

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

/**
 * Reads stored documents one by one. What is not as it should be, from an older version or a damaged file, is set apart: it stays in the file
 * as it is, and nothing else suffers.
 * @param whole what is judged and returned of a row, where that is more than its document
 */
export function readDocuments<T>(
  schema: SchemaName,
  rows: readonly { readonly id: string; readonly text: string | null }[],
  whole: (document: object, index: number) => unknown = (document) => document,
): Documents<T> {
  const sound: T[] = [];
  const apart: Apart[] = [];
  rows.forEach(({ id, text }, index) => {
    const document = parsed(text);
    if (typeof document !== 'object' || document === null) {
      apart.push({ id, name: id, why: 'what is stored is no document' });
      return;
    }
    const value = whole(document, index);
    const [fault] = judge(schema, value);
    if (fault)
      apart.push({ id, name: nameIn(document) ?? id, why: `${fault.path} ${fault.message}` });
    else sound.push(value as T);
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
