import { readdir, rm, stat } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import type { Copies } from '@potter/contract';
import type { Database } from '../db/open';
import { troubleOf } from '../db/trouble';
import { Refused } from '../http/refusal';
import { dailyName, nameByHand, outworn } from './keep';

const COPY = /^[a-z0-9_-]+\.db$/;

/** Where a studio's copies lie: beside its file. Undefined for one that is no file. */
export const copiesOf = ({ path }: Database): string | undefined =>
  path === undefined ? undefined : join(dirname(path), 'copies');

/** Why the last daily copy could not be made, until one could. */
const troubles = new WeakMap<Database, string>();

/** The copies there are, the newest first. */
export async function listCopies(db: Database): Promise<Copies> {
  const folder = copiesOf(db);
  const names = folder === undefined ? [] : await readdir(folder).catch(() => []);
  const copies = await Promise.all(
    names
      .filter((name) => COPY.test(name))
      .map(async (name) => {
        const { size, mtimeMs } = await stat(join(folder!, name));
        return { name, madeAt: mtimeMs, bytes: size };
      }),
  );
  const trouble = troubles.get(db);
  return {
    copies: copies.sort((a, b) => b.madeAt - a.madeAt),
    ...(trouble === undefined ? {} : { trouble }),
  };
}

/** Makes a copy by hand; it stays until somebody takes it away. */
export async function copyNow(db: Database, now: Date): Promise<Copies> {
  const folder = copiesOf(db);
  if (folder === undefined)
    throw new Refused(
      409,
      'no-file',
      'This studio is no file of this machine: copy it where it is.',
    );
  await db.copy(join(folder, nameByHand(now)));
  return listCopies(db);
}

/** Makes the copy of the day where there is none yet, and lets go those that have had their time. */
export async function copyOfTheDay(db: Database, now: Date): Promise<void> {
  const folder = copiesOf(db);
  if (folder === undefined) return;
  try {
    const names = await readdir(folder).catch(() => [] as string[]);
    const today = dailyName(now);
    if (!names.includes(today)) await db.copy(join(folder, today));
    for (const name of outworn([...names, today])) await rm(join(folder, name), { force: true });
    troubles.delete(db);
  } catch (error) {
    troubles.set(db, troubleOf(error)?.message ?? String(error));
  }
}

/** The path of one copy. Throws where there is none of this name. */
export async function pathOfCopy(db: Database, name: string): Promise<string> {
  const { copies } = await listCopies(db);
  const folder = copiesOf(db);
  if (folder === undefined || !copies.some((c) => c.name === name))
    throw new Refused(404, 'no-copy', 'There is no copy of this name.');
  return join(folder, name);
}
