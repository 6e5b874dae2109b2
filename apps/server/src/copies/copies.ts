import { randomUUID } from 'node:crypto';
import { createWriteStream } from 'node:fs';
import { mkdir, readdir, rename, rm, stat } from 'node:fs/promises';
import { basename, dirname, join } from 'node:path';
import { type Readable, Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { Copies, CopyBrought, CopyLook } from '@potter/contract';
import type { Database } from '../db/open';
import { troubleOf } from '../db/trouble';
import { Refused } from '../refused';
import { dailyName, nameBroughtIn, nameByHand, outworn } from './keep';
import { restore } from './restore';

const COPY = /^[a-z0-9_-]+\.db$/;

/** Where a studio's copies lie: beside its file. Undefined for one that is no file. */
const copiesOf = ({ path }: Database): string | undefined =>
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
  await db.copy(join(fileOf(db), nameByHand(now)));
  return listCopies(db);
}

/** As `copiesOf`. Throws where the studio is no file. */
function fileOf(db: Database): string {
  const folder = copiesOf(db);
  if (folder === undefined)
    throw new Refused('no-file', 'This studio is no file of this machine: copy it where it is.');
  return folder;
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

/** Beyond this a file is no studio of ours, bytes: some ten thousand pictures. */
const MOST_BYTES = 4e9;

/** Takes in a copy from elsewhere, as it arrives. What is no sound studio is refused, and not kept. */
export async function bringIn(db: Database, file: Readable, now: Date): Promise<CopyBrought> {
  const folder = fileOf(db);
  await mkdir(folder, { recursive: true, mode: 0o700 });
  // No copy until it is found to be one, whatever else is brought in in the same second.
  const path = join(folder, `${randomUUID()}.part`);
  try {
    let bytes = 0;
    const bounded = new Transform({
      transform(part: Buffer, _encoding, done) {
        bytes += part.length;
        done(bytes > MOST_BYTES ? new Error('it is larger than any studio') : null, part);
      },
    });
    await pipeline(file, bounded, createWriteStream(path, { mode: 0o600 }));
    await restore(db, path, { putBack: false, now });
    const there = await readdir(folder);
    const seconds = [0, 1, 2, 3, 4, 5].map((s) =>
      nameBroughtIn(new Date(now.getTime() + s * 1000)),
    );
    const name = seconds.find((free) => !there.includes(free)) ?? seconds[0]!;
    await rename(path, join(folder, name));
    return { name };
  } catch (error) {
    await rm(path, { force: true });
    if (troubleOf(error)) throw error;
    throw new Refused(
      'not-a-copy',
      'This file is no copy of a studio, or it is damaged. Nothing was changed.',
    );
  }
}

/** What putting a copy back would change; done where asked. */
export async function lookAtCopy(
  db: Database,
  name: string,
  asked: { readonly putBack: boolean; readonly now: Date },
): Promise<CopyLook> {
  const path = await pathOfCopy(db, name);
  const { differences, before } = await restore(db, path, asked).catch((error: unknown) => {
    if (troubleOf(error)) throw error;
    throw new Refused('damaged-copy', `This copy cannot be read. Nothing was changed.`);
  });
  return {
    differences: differences.map((d) => ({
      ...d,
      brings: [...d.brings],
      takesAway: [...d.takesAway],
      changes: [...d.changes],
    })),
    ...(before === undefined ? {} : { before: basename(before) }),
  };
}

/** The path of one copy. Throws where there is none of this name. */
export async function pathOfCopy(db: Database, name: string): Promise<string> {
  const { copies } = await listCopies(db);
  const folder = copiesOf(db);
  if (folder === undefined || !copies.some((c) => c.name === name))
    throw new Refused('no-copy', 'There is no copy of this name.');
  return join(folder, name);
}
