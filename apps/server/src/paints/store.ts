import type { ShelfPaint, ShelfPaintList } from '@potter/contract';
import { asc, eq, max } from 'drizzle-orm';
import type { Database } from '../db/open';
import { paints } from '../db/schema';
import { Refused } from '../http/refusal';

export async function listPaints({ read }: Database): Promise<ShelfPaintList> {
  const rows = await read
    .select({ entry: paints.entry })
    .from(paints)
    .orderBy(asc(paints.position), asc(paints.id));
  return { paints: rows.map((r) => r.entry) };
}

/** Puts a paint on the shelf, or changes the one with this id in its place. Plans keep the copy they were made with. */
export async function putPaint(db: Database, id: string, entry: ShelfPaint): Promise<ShelfPaint> {
  if (entry.paint.id !== id) {
    throw new Refused(
      400,
      'invalid',
      'The paint’s id and its address differ. Nothing was changed.',
      [{ path: '/paint/id', message: `must be "${id}"; it is "${entry.paint.id}"` }],
    );
  }
  await db.write(async (w) => {
    const [last] = await w.select({ position: max(paints.position) }).from(paints);
    await w
      .insert(paints)
      .values({ id, position: (last?.position ?? 0) + 1, entry })
      .onConflictDoUpdate({ target: paints.id, set: { entry } });
  });
  return entry;
}

export async function deletePaint(db: Database, id: string): Promise<void> {
  const [deleted] = await db.write((w) =>
    w.delete(paints).where(eq(paints.id, id)).returning({ id: paints.id }),
  );
  if (!deleted) throw new Refused(404, 'no-paint', 'This paint is not on the shelf any more.');
}
