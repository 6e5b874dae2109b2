import type { Shelf } from '@potter/contract';
import type { drawnBetween } from '@potter/core/journal';
import { loopOf } from '@potter/core/mix';
import { type ShelfItem, type ShelfKind, shelfId, taken } from '@potter/core/stock';
import { and, asc, eq, inArray, max, sql } from 'drizzle-orm';
import { readDocuments, textIn } from '../db/documents';
import type { Database } from '../db/open';
import { shelf } from '../db/schema';
import { Refused } from '../http/refusal';

export async function readShelf({ read }: Database): Promise<Shelf> {
  const rows = await read
    .select({ id: shelf.id, text: textIn(shelf.item) })
    .from(shelf)
    .orderBy(asc(shelf.position), asc(shelf.id));
  const { sound, apart } = readDocuments<ShelfItem>('ShelfItem', rows);
  return { items: sound, apart };
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
    await refuseLoops(w, [item]);
    const [last] = await w.select({ position: max(shelf.position) }).from(shelf);
    await w
      .insert(shelf)
      .values({ kind: item.kind, id, position: (last?.position ?? 0) + 1, item })
      .onConflictDoUpdate({ target: [shelf.kind, shelf.id], set: { item } });
  });
  return item;
}

/** A medium may hold others, but none may come to hold itself: refused with the way round. */
async function refuseLoops(w: Database['read'], items: readonly ShelfItem[]): Promise<void> {
  const coming = items.flatMap((i) => (i.kind === 'medium' ? [i.medium] : []));
  if (coming.length === 0) return;
  const { sound } = readDocuments<ShelfItem>(
    'ShelfItem',
    await w
      .select({ id: shelf.id, text: textIn(shelf.item) })
      .from(shelf)
      .where(eq(shelf.kind, 'medium')),
  );
  const mediums = new Map(
    [...sound.flatMap((i) => (i.kind === 'medium' ? [i.medium] : [])), ...coming].map((m) => [
      m.id,
      m,
    ]),
  );
  const faults = coming.flatMap((medium) => {
    const loop = loopOf(medium.id, (id) => mediums.get(id));
    const names = loop?.map((id) => mediums.get(id)?.name ?? id).join(' → ');
    return loop
      ? [{ path: '/medium/of', message: `${medium.name} would hold itself: ${names}` }]
      : [];
  });
  if (faults.length > 0)
    throw new Refused(
      400,
      'loop',
      `${faults.map((f) => f.message).join('; ')}. Take it out of one of them; nothing was changed.`,
      faults,
    );
}

/** Rows of one statement: SQLite binds at most 32,766 values, four a row. */
const ROWS = 1000;

/** Things as rows of the shelf, in their order from a position on. */
export const shelfRows = (items: readonly ShelfItem[], from: number) =>
  items.map((item, i) => ({ kind: item.kind, id: shelfId(item), position: from + i, item }));

/** Puts many things on the shelf at once, all or none: new ones behind the last, known ones in their place. */
export async function putManyOnShelf(db: Database, items: readonly ShelfItem[]): Promise<void> {
  if (items.length === 0) return;
  await db.write(async (w) => {
    await refuseLoops(w, items);
    const [last] = await w.select({ position: max(shelf.position) }).from(shelf);
    const rows = shelfRows(items, (last?.position ?? 0) + 1);
    const inserts = Array.from({ length: Math.ceil(rows.length / ROWS) }, (_, i) =>
      w
        .insert(shelf)
        .values(rows.slice(i * ROWS, (i + 1) * ROWS))
        .onConflictDoUpdate({
          target: [shelf.kind, shelf.id],
          set: { item: sql`excluded.item` },
        }),
    );
    const [first, ...others] = inserts;
    if (first) await w.batch([first, ...others]);
  });
}

/** Takes many things off the shelf at once, all or none; what is not on it any more is passed over. */
export async function takeManyOffShelf(db: Database, items: readonly ShelfItem[]): Promise<void> {
  const rows = Array.from({ length: Math.ceil(items.length / ROWS) }, (_, i) =>
    items.slice(i * ROWS, (i + 1) * ROWS),
  );
  await db.write(async (w) => {
    const deletes = rows.flatMap((some) =>
      [...new Set(some.map((i) => i.kind))].map((kind) =>
        w
          .delete(shelf)
          .where(
            and(
              eq(shelf.kind, kind),
              inArray(shelf.id, some.filter((i) => i.kind === kind).map(shelfId)),
            ),
          ),
      ),
    );
    const [first, ...others] = deletes;
    if (first) await w.batch([first, ...others]);
  });
}

type Line = ReturnType<typeof drawnBetween>[number];

/** The statements that take so much off the shelf. What is not on it any more is passed over. */
export async function drawFrom(w: Database['read'], lines: readonly Line[]) {
  if (lines.length === 0) return [];
  const { sound } = readDocuments<ShelfItem>(
    'ShelfItem',
    await w
      .select({ id: shelf.id, text: textIn(shelf.item) })
      .from(shelf)
      .where(
        inArray(
          shelf.id,
          lines.map((l) => l.id),
        ),
      ),
  );
  return lines.flatMap((line) => {
    const item = sound.find((i) => i.kind === line.kind && shelfId(i) === line.id);
    return item
      ? [
          w
            .update(shelf)
            .set({ item: taken(item, line.taken) })
            .where(and(eq(shelf.kind, line.kind), eq(shelf.id, line.id))),
        ]
      : [];
  });
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
