import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { Key } from '@/workers/key-messages';

interface Schema extends DBSchema {
  keys: {
    key: string;
    value: { readonly of: string; readonly keptAt: number; readonly keys: readonly Key[] };
    indexes: { keptAt: number };
  };
}

/** Sets of pictures this device keeps: those of an evening and then some, each pour's soon and finer. */
const MOST_SETS = 24;

const open = async (): Promise<IDBPDatabase<Schema>> =>
  openDB<Schema>('potter-keys', 1, {
    upgrade: (db) => {
      db.createObjectStore('keys', { keyPath: 'of' }).createIndex('keptAt', 'keptAt');
    },
    blocking: (_current, _blocked, event) => (event.target as IDBDatabase).close(),
  });

/** What a text comes to in so many letters whatever its length (SHA-256). */
async function digest(text: string): Promise<string> {
  const bytes = await crypto.subtle.digest('SHA-256', new TextEncoder().encode(text));
  return [...new Uint8Array(bytes)].map((byte) => byte.toString(16).padStart(2, '0')).join('');
}

/**
 * The pictures of the moves of a pour, from this device where it has them, else as `make` makes them, to be there at the table whatever becomes of the
 * studio. A device that has no room for them, or forbids it, has them made each time.
 * @param of tells one pour from another
 */
export async function keptKeys(
  of: string,
  make: () => Promise<readonly Key[]>,
): Promise<readonly Key[]> {
  const name = await digest(of);
  const db = await open().catch(() => undefined);
  try {
    const have = await db?.get('keys', name).catch(() => undefined);
    if (have) return have.keys;
    const keys = await make();
    if (db) await keep(db, { of: name, keptAt: Date.now(), keys }).catch(() => undefined);
    return keys;
  } finally {
    db?.close();
  }
}

/** Keeps these, and lets go of the oldest there are too many of. */
async function keep(db: IDBPDatabase<Schema>, entry: Schema['keys']['value']): Promise<void> {
  const tx = db.transaction('keys', 'readwrite');
  await tx.store.put(entry);
  const oldestFirst = await tx.store.index('keptAt').getAllKeys();
  for (const old of oldestFirst.slice(0, -MOST_SETS)) await tx.store.delete(old);
  await tx.done;
}
