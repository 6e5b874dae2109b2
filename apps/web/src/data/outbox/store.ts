import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import { inHand } from './in-hand';
import type { Letter } from './letter';

interface Schema extends DBSchema {
  post: { key: string; value: Letter };
}

/** Storage that has not answered for so long is not going to; the studio need not wait for it. */
const PATIENCE_MS = 3000;
/** Where it failed, it is asked no more for so long: whatever waits for it would wait in vain. */
const REST_MS = 60_000;

let opening: Promise<IDBPDatabase<Schema>> | undefined;

/** Opened at the first use; anew after it was taken away, or a while after it failed. */
function letters(): Promise<IDBPDatabase<Schema>> {
  opening ??= soon(open()).catch((error: unknown) => {
    setTimeout(() => (opening = undefined), REST_MS);
    throw error;
  });
  return opening;
}

const open = async (): Promise<IDBPDatabase<Schema>> =>
  openDB<Schema>('potter', 2, {
    async upgrade(db, before, _now, tx) {
      const post = db.createObjectStore('post', { keyPath: 'id' });
      if (before !== 1) return;
      // The first version held one letter per thing; pours and settings were not yet changes.
      const first = 'letters' as never;
      for (const letter of (await tx.objectStore(first).getAll()) as Letter[])
        await post.put({ ...letter, change: /^(run\.|settings$)/.test(letter.about) });
      db.deleteObjectStore(first);
    },
    blocking: (_current, _blocked, event) => (event.target as IDBDatabase).close(),
    terminated: () => (opening = undefined),
  });

function soon<T>(task: Promise<T>): Promise<T> {
  let timer: ReturnType<typeof setTimeout>;
  const over = new Promise<never>((_resolve, reject) => {
    timer = setTimeout(() => reject(new Error('storage does not answer')), PATIENCE_MS);
  });
  return Promise.race([task, over]).finally(() => clearTimeout(timer));
}

/** Kept when it resolves: on the disk, not on its way there. */
async function put(letter: Letter, instead: readonly Letter[]): Promise<void> {
  const tx = (await letters()).transaction('post', 'readwrite', { durability: 'strict' });
  for (const { id } of instead) void tx.store.delete(id);
  void tx.store.put(letter);
  await tx.done;
}

/** Letters as this device keeps them; each throws where the device has no room, forbids it, or does not answer. */
export const store = {
  async all(): Promise<Letter[]> {
    const held = inHand.all();
    try {
      const there = await soon(letters().then((db) => db.getAll('post')));
      return [...there, ...held.filter(({ id }) => !there.some((letter) => letter.id === id))];
    } catch (error) {
      if (held.length === 0) throw error;
      return held;
    }
  },
  /** Keeps a letter in the place of others. It is in hand before anything is waited for; there it stays where the database fails. */
  async put(letter: Letter, instead: readonly Letter[] = []): Promise<void> {
    const held = inHand.take(letter);
    instead.forEach(inHand.letGo);
    try {
      await soon(put(letter, instead));
    } catch (error) {
      if (held) return;
      throw error;
    }
    inHand.letGo(letter);
  },
  async remove(letter: Letter): Promise<void> {
    inHand.letGo(letter);
    await soon(letters().then((db) => db.delete('post', letter.id)));
  },
};
