import type { Apart } from '@potter/contract';
import type { ShelfItem, ShelfKind } from '@potter/core/stock';
import { sql } from 'drizzle-orm';
import { readDocuments, rowsWithTexts } from '../db/documents';
import type { Database } from '../db/open';
import { serial } from '../db/serial';
import { shelf } from '../db/schema';

/** A row of the shelf: its thing as last said, or why that cannot be shown. */
export interface ShelfRow {
  readonly kind: ShelfKind;
  readonly id: string;
  readonly position: number;
  /** What pours had drawn when its figure was said. */
  readonly drawn: number;
  readonly text: string;
  readonly item?: ShelfItem;
  readonly apart?: Apart;
}

/**
 * The shelf is read whole, often, and changes a thing at a time: its rows are remembered, and only what was written since is read anew. What
 * was written the database notes itself, whoever wrote it, in a table of this connection alone.
 */
const NOTES = 'shelf_written';
// No `OR IGNORE`: inside a trigger the way of the statement that set it off is taken instead.
const noted = (row: 'OLD' | 'NEW') =>
  `INSERT INTO ${NOTES} SELECT ${row}.kind, ${row}.id
    WHERE NOT EXISTS (SELECT 1 FROM ${NOTES} WHERE kind = ${row}.kind AND id = ${row}.id);`;
const TRIGGERS = Object.entries({
  INSERT: noted('NEW'),
  UPDATE: noted('OLD') + noted('NEW'),
  DELETE: noted('OLD'),
}).map(
  ([event, notes]) =>
    `CREATE TEMP TRIGGER ${NOTES}_${event} AFTER ${event} ON main.shelf BEGIN ${notes} END`,
);
/** Beyond this many it is quicker to read all. */
const MOST_ANEW = 200;

interface Memory {
  readonly rows: Map<string, ShelfRow>;
  /** In the order of the shelf; absent where it is to be put in order. */
  inOrder?: readonly ShelfRow[];
}

const MEMORIES = new WeakMap<
  Database['read'],
  { memory?: Memory; readonly inTurn: ReturnType<typeof serial> }
>();

const keyOf = (kind: string, id: string): string => `${kind} ${id}`;

/** Everything on the shelf, in its order, as the file has it. */
export function shelfRowsNow({ read, remote }: Database): Promise<readonly ShelfRow[]> {
  // Another machine notes nothing for a connection that is gone with the statement.
  if (remote) return rowsFrom(read);
  let held = MEMORIES.get(read);
  if (!held) MEMORIES.set(read, (held = { inTurn: serial() }));
  const place = held;
  // One after the other: notes taken by one reader are in nobody else's memory yet.
  return place.inTurn(async () => {
    const known = await freshen(read, place.memory).catch((error: unknown) => {
      // Notes may be taken and the rows not read.
      place.memory = undefined;
      throw error;
    });
    place.memory = known;
    known.inOrder ??= [...known.rows.values()].sort(
      (a, b) => a.position - b.position || (a.id < b.id ? -1 : 1),
    );
    return known.inOrder;
  });
}

async function freshen(read: Database['read'], memory: Memory | undefined): Promise<Memory> {
  if (!(await isNoting(read))) {
    await read.run(
      sql.raw(`CREATE TEMP TABLE ${NOTES} (kind TEXT, id TEXT, PRIMARY KEY (kind, id))`),
    );
    for (const trigger of TRIGGERS) await read.run(sql.raw(trigger));
    memory = undefined;
  }
  const written = await read.all<{ kind: string; id: string }>(
    sql.raw(`DELETE FROM ${NOTES} RETURNING kind, id`),
  );
  if (!memory || written.length > MOST_ANEW) return { rows: mapOf(await rowsFrom(read)) };
  if (written.length === 0) return memory;
  const keys = written.map(({ kind, id }) => sql`(${kind}, ${id})`);
  const anew = mapOf(
    await rowsFrom(read, sql`WHERE (kind, id) IN (VALUES ${sql.join(keys, sql`, `)})`),
  );
  let moved = false;
  for (const { kind, id } of written) {
    const key = keyOf(kind, id);
    const [before, now] = [memory.rows.get(key), anew.get(key)];
    moved ||= before?.position !== now?.position;
    if (now) memory.rows.set(key, now);
    else memory.rows.delete(key);
  }
  const inOrder = moved
    ? undefined
    : memory.inOrder?.map((row) => anew.get(keyOf(row.kind, row.id)) ?? row);
  return { rows: memory.rows, ...(inOrder ? { inOrder } : {}) };
}

/** Whether this connection notes what is written; a new one does not yet. */
async function isNoting(read: Database['read']): Promise<boolean> {
  const found = await read.all(
    sql.raw(`SELECT 1 FROM temp.sqlite_master WHERE name = '${NOTES}_DELETE'`),
  );
  return found.length > 0;
}

const mapOf = (rows: readonly ShelfRow[]): Map<string, ShelfRow> =>
  new Map(rows.map((row) => [keyOf(row.kind, row.id), row]));

async function rowsFrom(read: Database['read'], where = sql``): Promise<readonly ShelfRow[]> {
  const found = await rowsWithTexts<[kind: ShelfKind, id: string, position: number, drawn: number]>(
    read,
    [sql`kind`, sql`id`, sql`position`, sql`drawn`],
    sql`item`,
    sql`SELECT kind, id, position, drawn, item FROM ${shelf} ${where} ORDER BY position, id`,
  );
  return found.map(({ row: [kind, id, position, drawn], text }) => {
    const {
      sound: [item],
      apart: [apart],
    } = readDocuments<ShelfItem>('ShelfItem', [{ id, text }]);
    return {
      ...{ kind, id, position, drawn, text },
      ...(item ? { item } : {}),
      ...(apart ? { apart } : {}),
    };
  });
}
