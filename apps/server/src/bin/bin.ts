import type { Bin, BinKind } from '@potter/contract';
import { and, desc, eq, getTableColumns, gte, inArray, lt, type SQL, sql } from 'drizzle-orm';
import type { SQLiteTable } from 'drizzle-orm/sqlite-core';
import { nameIn, parsed } from '../db/documents';
import type { Database } from '../db/open';
import { bin, pieces, plans, runs, shelf } from '../db/schema';
import { Refused } from '../refused';

/** How long what was deleted can be put back. */
const BIN_DAYS = 30;
const since = (now: Date): number => now.getTime() - BIN_DAYS * 86_400_000;

type Writer = Database['read'];

/** Where things of a kind stand, which row is the one of an id, and the column of its document. */
interface Place {
  readonly table: SQLiteTable;
  readonly document: string;
  readonly where: (id: string) => SQL;
}

function placeOf(kind: BinKind): Place {
  switch (kind) {
    case 'plan':
      return { table: plans, document: 'plan', where: (id) => eq(plans.id, id) };
    case 'run':
      return { table: runs, document: 'run', where: (id) => eq(runs.id, id) };
    case 'piece':
      return { table: pieces, document: 'piece', where: (id) => eq(pieces.id, id) };
    default:
      return {
        table: shelf,
        document: 'item',
        where: (id) => and(eq(shelf.kind, kind), eq(shelf.id, id))!,
      };
  }
}

/** Names of a table's columns in the file, so that a row goes and comes back whole whatever the table gains. */
const columnsOf = (table: SQLiteTable): string[] =>
  Object.values(getTableColumns(table)).map((column) => column.name);

/**
 * The statements that move rows into the bin, to be run with whatever goes with them. What is not there is passed over; a text that is no
 * document goes and comes back as it is.
 */
export async function intoBin(w: Writer, kind: BinKind, ids: readonly string[], now: Date) {
  const { table, document, where } = placeOf(kind);
  const columns = columnsOf(table).map((name) => sql`${name}, ${sql.identifier(name)}`);
  const statements = [];
  for (const id of ids) {
    const [row] = await w
      .select({
        text: sql<string>`${sql.identifier(document)}`,
        whole: sql<string>`json_object(${sql.join(columns, sql`, `)})`,
      })
      .from(table)
      .where(where(id));
    if (!row) continue;
    const found = parsed(row.text);
    const name = (typeof found === 'object' && found ? nameIn(found) : undefined) ?? id;
    const gone = { name, goneAt: now.getTime(), row: row.whole };
    statements.push(
      w
        .insert(bin)
        .values({ kind, id, ...gone })
        .onConflictDoUpdate({ target: [bin.kind, bin.id], set: gone }),
      w.delete(table).where(where(id)),
    );
  }
  return statements;
}

/** Takes one thing into the bin. Whether it was there. */
export const binned = (db: Database, kind: BinKind, id: string, now: Date): Promise<boolean> =>
  db.write(async (w) => {
    const [first, ...others] = await intoBin(w, kind, [id], now);
    if (first) await w.batch([first, ...others]);
    return first !== undefined;
  });

/** What can still be put back, the last deleted first. */
export async function readBin({ read }: Database, now: Date): Promise<Bin> {
  const things = await read
    .select({ kind: bin.kind, id: bin.id, name: bin.name, goneAt: bin.goneAt })
    .from(bin)
    .where(gte(bin.goneAt, since(now)))
    .orderBy(desc(bin.goneAt), bin.id);
  return { things };
}

/** Puts a thing back where it was, under its id. Throws where it is not in the bin any more, or another stands there by now. */
export const putBack = (db: Database, asked: string, id: string): Promise<void> =>
  db.write(async (w) => {
    const here = and(sql`${bin.kind} = ${asked}`, eq(bin.id, id));
    const [row] = await w.select({ kind: bin.kind, name: bin.name }).from(bin).where(here);
    if (!row) throw new Refused('not-in-bin', 'This is not in the bin any more.');
    const { table, where } = placeOf(row.kind);
    const [there] = await w
      .select({ one: sql`1` })
      .from(table)
      .where(where(id));
    if (there)
      throw new Refused('there-already', `${row.name} is there already. Nothing was changed.`);
    const columns = columnsOf(table);
    const names = sql.join(
      columns.map((name) => sql.identifier(name)),
      sql`, `,
    );
    const values = sql.join(
      columns.map((name) => sql`json_extract(row, ${`$."${name}"`})`),
      sql`, `,
    );
    await w.batch([
      w.run(sql`INSERT INTO ${table} (${names}) SELECT ${values} FROM ${bin} WHERE ${here}`),
      w.delete(bin).where(here),
    ]);
  });

/** The statement that lets go what is in the bin under this id, as it is made anew. */
export const outOfBin = (w: Writer, kind: BinKind, id: string) =>
  w.delete(bin).where(and(eq(bin.kind, kind), eq(bin.id, id)));

/** Lets go for good what has been in the bin for its time. */
export const emptyBin = (db: Database, now: Date): Promise<void> =>
  db.write(async (w) => {
    const over = lt(bin.goneAt, since(now));
    await w.batch([
      // Pieces are let go with the pour they came of.
      w.delete(pieces).where(
        inArray(
          pieces.run,
          w
            .select({ id: bin.id })
            .from(bin)
            .where(and(eq(bin.kind, 'run'), over)),
        ),
      ),
      w.delete(bin).where(over),
    ]);
  });
