import type { Client } from '@libsql/client';

/**
 * Tables that hold what the studio holds; the file's own and those of its form are left as they are. So is who is let in: a copy of before
 * would open the door to a device put out since.
 */
const TABLES = `SELECT name FROM main.sqlite_master
  WHERE type = 'table' AND name NOT LIKE 'sqlite_%' AND name NOT LIKE '__drizzle_%' AND name <> 'devices' ORDER BY name`;

/**
 * Takes every row of another file in the place of all rows there are, in one transaction: readers see the studio before or after, nothing
 * between.
 * @param path a file of the same form, closed in order
 */
export async function become(
  client: Pick<Client, 'execute' | 'batch'>,
  path: string,
): Promise<void> {
  const { rows } = await client.execute(TABLES);
  const names = rows.map((row) => String(row[0]));
  await client.execute({ sql: 'ATTACH DATABASE ? AS other', args: [path] });
  try {
    const moves: string[] = [];
    for (const name of names) {
      const columns = (await client.execute(`PRAGMA main.table_info("${name}")`)).rows
        .map((row) => `"${String(row[1])}"`)
        .join(', ');
      moves.push(
        `DELETE FROM main."${name}"`,
        `INSERT INTO main."${name}" (${columns}) SELECT ${columns} FROM other."${name}"`,
      );
    }
    await client.batch(moves, 'write');
  } finally {
    await client.execute('DETACH DATABASE other');
  }
}
