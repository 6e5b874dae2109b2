import type { Pictures } from '@potter/contract';
import { count, eq, inArray, lt, type SQL, sql } from 'drizzle-orm';
import { textIn } from '../db/documents';
import type { Database } from '../db/open';
import { bin, pictures, pieces, plans, runs } from '../db/schema';
import { Refused } from '../refused';
import { cleanPicture, smallOf } from './clean';

const ID = /^[a-z0-9-]{8,40}$/;

/** Keeps a picture under the id the device gave it. One that is there already stays as it is: sending twice does no harm. */
export async function putPicture(
  db: Database,
  id: string,
  sent: Buffer,
  takenAt: Date,
): Promise<void> {
  if (!ID.test(id))
    throw new Refused('invalid', 'A picture’s id is 8 to 40 small letters, digits and dashes.');
  const { type, bytes, small } = await cleanPicture(sent);
  await db.write(async (w) => {
    const held = await sizeOf(w);
    if (held.bytes + bytes.length > MOST_BYTES)
      throw new Refused(
        'pictures-full',
        'The studio holds as many pictures as it can. Let go those that nothing shows any more, in Settings.',
      );
    await w
      .insert(pictures)
      .values({ id, type, takenAt: takenAt.getTime(), bytes, small })
      .onConflictDoNothing();
  });
}

/** All pictures together, bytes: some ten thousand as the phone makes them, and a file that can still be copied every day. */
const MOST_BYTES = 2e9;

/** One that was sent before the plan that shows it is not unused yet. */
const SETTLED_MS = 7 * 86_400_000;

/** As many ids as one statement takes. */
const AT_ONCE = 500;

const sizeOf = async (
  w: Database['read'],
  where?: SQL,
): Promise<{ count: number; bytes: number }> => {
  const [held] = await w
    .select({
      count: count(),
      bytes: sql<number>`coalesce(sum(length(${pictures.bytes})), 0)`,
    })
    .from(pictures)
    .where(where);
  return held ?? { count: 0, bytes: 0 };
};

/** Ids of pictures that plans, pours, pieces or what lies in the bin show; in the bin documents are texts within a text. */
async function shownPictures({ read }: Database): Promise<Set<string>> {
  const shown = new Set<string>();
  for (const [table, column] of [
    [plans, plans.plan],
    [runs, runs.run],
    [pieces, pieces.piece],
    [bin, bin.row],
  ] as const) {
    const rows = await read
      .select({ text: textIn(column) })
      .from(table)
      .where(sql`instr(${column}, 'picture') > 0`);
    for (const { text } of rows)
      for (const [, id] of (text ?? '').matchAll(/\\?"picture\\?":\\?"([a-z0-9-]{8,40})/g))
        shown.add(id!);
  }
  return shown;
}

/** Ids of pictures nothing shows any more. */
async function unusedPictures(db: Database, now: Date): Promise<string[]> {
  const rows = await db.read
    .select({ id: pictures.id })
    .from(pictures)
    .where(lt(pictures.takenAt, now.getTime() - SETTLED_MS));
  if (rows.length === 0) return [];
  const shown = await shownPictures(db);
  return rows.flatMap(({ id }) => (shown.has(id) ? [] : [id]));
}

const partsOf = (ids: readonly string[]): string[][] =>
  Array.from({ length: Math.ceil(ids.length / AT_ONCE) }, (_, i) =>
    ids.slice(i * AT_ONCE, (i + 1) * AT_ONCE),
  );

/** How many pictures there are and how large, and of them those nothing shows any more. */
export async function countPictures(db: Database, now: Date): Promise<Pictures> {
  const unused = { count: 0, bytes: 0 };
  for (const ids of partsOf(await unusedPictures(db, now))) {
    const part = await sizeOf(db.read, inArray(pictures.id, ids));
    unused.count += part.count;
    unused.bytes += part.bytes;
  }
  return { ...(await sizeOf(db.read)), mostBytes: MOST_BYTES, unused };
}

/** Lets go for good the pictures nothing shows any more. */
export async function dropUnusedPictures(db: Database, now: Date): Promise<Pictures> {
  await db.write(async (w) => {
    for (const ids of partsOf(await unusedPictures(db, now)))
      await w.delete(pictures).where(inArray(pictures.id, ids));
  });
  return countPictures(db, now);
}

export async function readPicture(
  { read }: Database,
  id: string,
): Promise<{ readonly type: string; readonly bytes: Buffer }> {
  const [row] = await read
    .select({ type: pictures.type, bytes: pictures.bytes })
    .from(pictures)
    .where(eq(pictures.id, id));
  if (!row) throw new Refused('no-picture', 'This picture is not in the studio.');
  return row;
}

/** The same small, as lists show it: of one kept before it was made so, made now. */
export async function readSmall(db: Database, id: string): Promise<Buffer> {
  const [row] = await db.read
    .select({ small: pictures.small })
    .from(pictures)
    .where(eq(pictures.id, id));
  if (row?.small) return row.small;
  const small = await smallOf((await readPicture(db, id)).bytes);
  await db.write((w) => w.update(pictures).set({ small }).where(eq(pictures.id, id)));
  return small;
}
