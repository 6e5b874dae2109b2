import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { Letter } from './letter';

interface Schema extends DBSchema {
  letters: { key: string; value: Letter };
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
  openDB<Schema>('potter', 1, {
    upgrade: (db) => void db.createObjectStore('letters', { keyPath: 'about' }),
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
async function put(letter: Letter): Promise<void> {
  const tx = (await letters()).transaction('letters', 'readwrite', { durability: 'strict' });
  const there = await tx.store.get(letter.about);
  // Another page's may be newer.
  if (!there || there.at <= letter.at) await tx.store.put(letter);
  await tx.done;
}

/** Takes exactly this letter out; a newer one about the same thing stays. */
async function remove({ about, id }: Letter): Promise<void> {
  const tx = (await letters()).transaction('letters', 'readwrite');
  if ((await tx.store.get(about))?.id === id) await tx.store.delete(about);
  await tx.done;
}

/** Letters as this device keeps them; each throws where the device has no room, forbids it, or does not answer. */
export const store = {
  all: (): Promise<Letter[]> => soon(letters().then((db) => db.getAll('letters'))),
  put: (letter: Letter): Promise<void> => soon(put(letter)),
  remove: (letter: Letter): Promise<void> => soon(remove(letter)),
};
