import { type DBSchema, type IDBPDatabase, openDB } from 'idb';

interface Schema<T> extends DBSchema {
  kept: {
    key: string;
    value: { readonly of: string; readonly keptAt: number; readonly what: T };
    indexes: { keptAt: number };
  };
}

/**
 * What this device has computed and keeps, so that it need not be computed again. A device that has no room for it, or forbids it, has none of it; so
 * has an application that was renewed since, which may compute otherwise.
 */
export interface Lately<T> {
  /** @param of tells one from another, at any length */
  readonly find: (of: string) => Promise<T | undefined>;
  /** Keeps one, and lets go of the oldest there are too many of. */
  readonly keep: (of: string, what: T) => Promise<void>;
}

/**
 * @param name of its store on the device
 * @param most how many are kept
 */
export function lately<T>(name: string, most: number): Lately<T> {
  /** Does something with the store; nothing comes of it where there is none. */
  async function within<R>(act: (db: IDBPDatabase<Schema<T>>) => Promise<R>) {
    const db = await open<T>(name).catch(() => undefined);
    try {
      return db && (await act(db).catch(() => undefined));
    } finally {
      db?.close();
    }
  }
  return {
    find: (of) => within(async (db) => (await db.get('kept', await named(of)))?.what),
    keep: (of, what) =>
      within(async (db) => {
        const entry = { of: await named(of), keptAt: Date.now(), what };
        const tx = db.transaction('kept', 'readwrite');
        await tx.store.put(entry);
        const oldestFirst = await tx.store.index('keptAt').getAllKeys();
        for (const old of oldestFirst.slice(0, -most)) await tx.store.delete(old);
        await tx.done;
      }),
  };
}

const open = async <T>(name: string): Promise<IDBPDatabase<Schema<T>>> =>
  openDB<Schema<T>>(name, 2, {
    upgrade: (db) => {
      // Of an older form, whatever it was: it is computed anew.
      for (const store of db.objectStoreNames) db.deleteObjectStore(store);
      db.createObjectStore('kept', { keyPath: 'of' }).createIndex('keptAt', 'keptAt');
    },
    blocking: (_current, _blocked, event) => (event.target as IDBDatabase).close(),
  });

/** The application as it was built: the address of the script it begins with tells one build from another; parts that come later are named in that. */
const program = (): string =>
  Array.from(
    document.querySelectorAll<HTMLScriptElement>('script[defer]'),
    ({ src }) => src,
  ).join();

/** What a text, and the application, come to in so many letters whatever their length (SHA-256). */
async function named(text: string): Promise<string> {
  const bytes = await crypto.subtle.digest(
    'SHA-256',
    new TextEncoder().encode(`${program()} ${text}`),
  );
  return [...new Uint8Array(bytes)].map((byte) => byte.toString(16).padStart(2, '0')).join('');
}
