import { type Shelf, type ShelfItem, type ShelfKind, shelfId } from '@potter/contract';
import { and, asc, eq, max } from 'drizzle-orm';
import type { Database } from '../db/open';
import { shelf } from '../db/schema';
import { Refused } from '../http/refusal';

export async function readShelf({ read }: Database): Promise<Shelf> {
  const rows = await read
    .select({ item: shelf.item })
    .from(shelf)
    .orderBy(asc(shelf.position), asc(shelf.id));
  return { items: rows.map((r) => r.item) };
}

/** Puts a thing on the shelf, or changes the one of this kind and id in its place. Plans keep the copy they were made with. */
export async function putOnShelf(
  db: Database,
  kind: string,
  id: string,
  item: ShelfItem,
): Promise<ShelfItem> {
  if (item.kind !== kind || shelfId(item) !== id) {
    throw new Refused(
      400,
      'invalid',
      'What was sent and its address differ. Nothing was changed.',
      [{ path: '', message: `is the ${item.kind} "${shelfId(item)}", sent to ${kind} "${id}"` }],
    );
  }
  await db.write(async (w) => {
    const [last] = await w.select({ position: max(shelf.position) }).from(shelf);
    await w
      .insert(shelf)
      .values({ kind: item.kind, id, position: (last?.position ?? 0) + 1, item })
      .onConflictDoUpdate({ target: [shelf.kind, shelf.id], set: { item } });
  });
  return item;
}

export async function takeOffShelf(db: Database, kind: string, id: string): Promise<void> {
  const [gone] = await db.write((w) =>
    w
      .delete(shelf)
      .where(and(eq(shelf.kind, kind as ShelfKind), eq(shelf.id, id)))
      .returning({ id: shelf.id }),
  );
  if (!gone) throw new Refused(404, 'not-on-shelf', `This ${kind} is not on the shelf any more.`);
}
