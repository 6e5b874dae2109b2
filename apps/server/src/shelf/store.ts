import type { Apart, Change, Shelf } from '@potter/contract';
import type { drawsOf } from '@potter/core/journal';
import { loopOf } from '@potter/core/mix';
import {
  figureField,
  SHELF_KINDS,
  type ShelfItem,
  type ShelfKind,
  shelfId,
  standing,
} from '@potter/core/stock';
import { and, eq, max, sql, sum } from 'drizzle-orm';
import { binned, intoBin, outOfBin } from '../bin/bin';
import { withChange } from '../db/change';
import { readDocuments, textIn } from '../db/documents';
import type { Database } from '../db/open';
import { draws, shelf } from '../db/schema';
import { Refused } from '../refused';
import { shelfRowsNow } from './rows';

type Writer = Database['read'];

/** Everything on the shelf as it stands: figures as last said, less what pours have drawn since. */
export async function readShelf(db: Database): Promise<Shelf> {
  const { items, apart } = await shelfAs(db, (item) => item);
  return { items, apart };
}

/** As `readShelf`, as the text it goes out as. */
export async function readShelfText(db: Database): Promise<string> {
  const { items, apart } = await shelfAs(db, (item, text) => text ?? JSON.stringify(item));
  return `{"items":[${items.join(',')}],"apart":${JSON.stringify(apart)}}`;
}

/** @param as what is told of a thing; `text` is its JSON where that stands in the file as it is. */
async function shelfAs<T>(db: Database, as: (item: ShelfItem, text?: string) => T) {
  const rows = await shelfRowsNow(db);
  const drawn = await drawnOf(db.read);
  const items: T[] = [];
  const apart: Apart[] = [];
  for (const row of rows) {
    if (row.apart) apart.push(row.apart);
    if (!row.item) continue;
    const since = drawn(row.kind, row.id) - row.drawn;
    items.push(since === 0 ? as(row.item, row.text) : as(standing(row.item, since)));
  }
  return { items, apart };
}

/** How much all pours together draw from each thing, mL or pieces. */
async function drawnOf(w: Writer): Promise<(kind: ShelfKind, id: string) => number> {
  const sums = await w
    .select({ kind: draws.kind, item: draws.item, taken: sum(draws.taken).mapWith(Number) })
    .from(draws)
    .groupBy(draws.kind, draws.item);
  const byKind = new Map<ShelfKind, Map<string, number>>();
  for (const { kind, item, taken } of sums)
    byKind.set(kind, (byKind.get(kind) ?? new Map<string, number>()).set(item, taken));
  return (kind, id) => byKind.get(kind)?.get(id) ?? 0;
}

/** The statements that make a run draw exactly these lines, whatever it drew before. */
export const drawing = (w: Writer, run: string, lines: ReturnType<typeof drawsOf>) => [
  w.delete(draws).where(eq(draws.run, run)),
  ...lines.map(({ kind, id, taken }) => w.insert(draws).values({ run, kind, item: id, taken })),
];

/**
 * Puts a thing on the shelf, or changes the one of this kind and id in its place. Plans keep the copy they were made with. A figure that is
 * said anew counts from now on; one the sender did not touch goes on as it was, with all that was drawn since.
 * @returns the thing as it stands
 */
export async function putOnShelf(
  db: Database,
  kind: string,
  id: string,
  change: Change<ShelfItem>,
): Promise<ShelfItem> {
  const { now: item } = change;
  if (item.kind !== kind || shelfId(item) !== id) {
    throw new Refused('invalid', 'What was sent and its address differ. Nothing was changed.', [
      { path: '', message: `is the ${item.kind} "${shelfId(item)}", sent to ${kind} "${id}"` },
    ]);
  }
  return db.write(async (w) => {
    const [row] = await w
      .select({ text: textIn(shelf.item), drawn: shelf.drawn })
      .from(shelf)
      .where(and(eq(shelf.kind, item.kind), eq(shelf.id, id)));
    const known = row && readDocuments<ShelfItem>('ShelfItem', [{ id, text: row.text }]).sound[0];
    const drawn = (await drawnOf(w))(item.kind, id);
    const stands = known && standing(known, drawn - row.drawn);
    const next = withChange('ShelfItem', stands, countedAnew(change, stands), `This ${kind}`);
    await refuseLoops(w, [next]);
    const field = figureField(next);
    const kept =
      known && field !== undefined && change.was && !(`/${field}` in change.was)
        ? { item: withFigure(next, field, known), drawn: row.drawn }
        : { item: next, drawn };
    const [last] = await w.select({ position: max(shelf.position) }).from(shelf);
    await w.batch([
      w
        .insert(shelf)
        .values({ kind: item.kind, id, position: (last?.position ?? 0) + 1, ...kept })
        .onConflictDoUpdate({ target: [shelf.kind, shelf.id], set: kept }),
      outOfBin(w, item.kind, id),
    ]);
    return next;
  });
}

/** A change whose figure, where it says one, is no clash with what was drawn or counted meanwhile: the last count is what there is. */
function countedAnew(change: Change<ShelfItem>, stands: ShelfItem | undefined): Change<ShelfItem> {
  const field = figureField(change.now);
  const path = `/${field}`;
  const seen = change.was?.[path];
  if (!stands || !seen) return change;
  const now = (stands as Record<string, unknown>)[field!] ?? null;
  return { ...change, was: { ...change.was, [path]: [...seen, now] } };
}

/** A thing with the figure of another. */
function withFigure(item: ShelfItem, field: string, of: ShelfItem): ShelfItem {
  const { [field]: _, ...rest } = item as Record<string, unknown>;
  const figure = (of as Record<string, unknown>)[field];
  return { ...rest, ...(figure === undefined ? {} : { [field]: figure }) } as unknown as ShelfItem;
}

/** A medium may hold others, but none may come to hold itself: refused with the way round. */
async function refuseLoops(w: Writer, items: readonly ShelfItem[]): Promise<void> {
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
      'loop',
      `${faults.map((f) => f.message).join('; ')}. Take it out of one of them; nothing was changed.`,
      faults,
    );
}

/** Rows of one statement: SQLite binds at most 32,766 values, five a row. */
const ROWS = 1000;

/** Things as rows of the shelf, in their order from a position on; `drawn` is what pours have drawn from each until now. */
export const shelfRows = (
  items: readonly ShelfItem[],
  from: number,
  drawn: (kind: ShelfKind, id: string) => number = () => 0,
) =>
  items.map((item, i) => {
    const id = shelfId(item);
    return { kind: item.kind, id, position: from + i, item, drawn: drawn(item.kind, id) };
  });

/** Puts many things on the shelf at once, all or none: new ones behind the last, known ones in their place. */
export async function putManyOnShelf(db: Database, items: readonly ShelfItem[]): Promise<void> {
  if (items.length === 0) return;
  await db.write(async (w) => {
    await refuseLoops(w, items);
    const [last] = await w.select({ position: max(shelf.position) }).from(shelf);
    const rows = shelfRows(items, (last?.position ?? 0) + 1, await drawnOf(w));
    const inserts = Array.from({ length: Math.ceil(rows.length / ROWS) }, (_, i) =>
      w
        .insert(shelf)
        .values(rows.slice(i * ROWS, (i + 1) * ROWS))
        .onConflictDoUpdate({
          target: [shelf.kind, shelf.id],
          set: { item: sql`excluded.item`, drawn: sql`excluded.drawn` },
        }),
    );
    const [first, ...others] = inserts;
    if (first) await w.batch([first, ...others]);
  });
}

/** Takes many things off the shelf and into the bin at once, all or none; what is not on it any more is passed over. */
export async function takeManyOffShelf(
  db: Database,
  items: readonly ShelfItem[],
  now: Date,
): Promise<void> {
  await db.write(async (w) => {
    const statements = [];
    for (const kind of new Set(items.map((i) => i.kind))) {
      const ids = items.filter((i) => i.kind === kind).map(shelfId);
      statements.push(...(await intoBin(w, kind, ids, now)));
    }
    const [first, ...others] = statements;
    if (first) await w.batch([first, ...others]);
  });
}

export async function takeOffShelf(
  db: Database,
  kind: string,
  id: string,
  now: Date,
): Promise<void> {
  const known = SHELF_KINDS.find((k) => k === kind);
  if (!known || !(await binned(db, known, id, now)))
    throw new Refused('not-on-shelf', `This ${kind} is not on the shelf any more.`);
}
