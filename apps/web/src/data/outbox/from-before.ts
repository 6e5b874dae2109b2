import type { Run } from '@potter/core/journal';
import { openDB } from 'idb';
import { device } from '../device';
import type { Posted } from './letter';
import { pictureLetter, runLetter } from './letters';

type Post = (letter: Posted) => Promise<boolean>;

/** Hands over what earlier versions of this application kept in places of their own; a place is emptied once all of it is kept here. */
export async function handOver(post: Post): Promise<void> {
  const runs = device.get<Run[]>('runs.unsent') ?? [];
  const kept = await Promise.all(runs.map((run) => post(runLetter(run))));
  if (kept.every(Boolean)) device.remove('runs.unsent');
  await handOverPictures(post).catch(() => undefined);
}

const PICTURES = 'potter-pictures';

async function handOverPictures(post: Post): Promise<void> {
  const names = await indexedDB.databases();
  if (!names.some(({ name }) => name === PICTURES)) return;
  const db = await openDB(PICTURES);
  for (const id of await db.getAllKeys('waiting')) {
    const picture = (await db.get('waiting', id)) as Blob;
    if (await post(pictureLetter(String(id), picture))) await db.delete('waiting', id);
  }
  db.close();
}
