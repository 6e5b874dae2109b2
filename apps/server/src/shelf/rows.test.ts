import type { Shelf } from '@potter/contract';
import type { ShelfPaint } from '@potter/core/stock';
import { sql } from 'drizzle-orm';
import { inStudio, OAT } from '../../test/studio';
import { Refused } from '../refused';
import { shelfRowsNow } from './rows';

const studio = inStudio();
const { ask, put } = studio;

const paint = (n: number, stockMl: number): ShelfPaint => ({
  ...OAT,
  paint: { ...OAT.paint, id: `paint-${n}`, name: `Paint ${n}` },
  stockMl,
});
const at = (n: number) => `/api/shelf/paint/paint-${n}`;

/** What the file holds, asked of it directly. */
const inFile = async () =>
  (
    await studio.db().read.all<{ item: string }>(sql`SELECT item FROM shelf ORDER BY position, id`)
  ).map(({ item }) => item);
const remembered = async () => (await shelfRowsNow(studio.db())).map(({ text }) => text);

/** The same numbers each time, 0 to below `most` (Park and Miller's generator). */
function dice() {
  let state = 7;
  return (most: number) => (state = (state * 48271) % 2147483647) % most;
}

test('whatever is written by whatever way, what is remembered of the shelf is what the file holds', async () => {
  const roll = dice();
  const ways: ((n: number) => Promise<unknown>)[] = [
    (n) => put(at(n), paint(n, roll(500))),
    (n) => ask('DELETE', at(n)),
    (n) => ask('POST', '/api/shelf', { items: [n, n + 1, n + 2].map((m) => paint(m, roll(500))) }),
    (n) => ask('POST', '/api/shelf/off', { items: [paint(n, 0), paint(n + 3, 0)] }),
    (n) => ask('POST', `/api/bin/paint/paint-${n}/back`),
    () =>
      studio.db().read.run(sql`UPDATE shelf SET position = 100 - position WHERE id < 'paint-3'`),
    () => studio.db().read.run(sql`DELETE FROM shelf WHERE position % 5 = 0`),
    (n) =>
      // Undone halfway: what was noted of it is undone too.
      studio
        .db()
        .write((w) =>
          w.batch([
            w.run(sql`DELETE FROM shelf`),
            w.run(sql`INSERT INTO shelf (kind) VALUES (${n})`),
          ]),
        )
        .catch(() => undefined),
  ];
  for (let step = 0; step < 150; step++) {
    await ways[roll(ways.length)]!(roll(12));
    if (roll(3) > 0) expect(await remembered()).toEqual(await inFile());
  }
  expect((await inFile()).length).toBeGreaterThan(0);
});

test('readers at once see all that was written before they asked', async () => {
  await put(at(1), paint(1, 10));
  await remembered();
  await put(at(1), paint(1, 20));
  const all = await Promise.all([ask('GET', '/api/shelf'), ask('GET', '/api/shelf')]);
  expect(all.map(({ body }) => ((body as Shelf).items[0] as ShelfPaint).stockMl)).toEqual([20, 20]);
});

test('many at once are read anew as a whole', async () => {
  await remembered();
  await ask('POST', '/api/shelf', {
    items: Array.from({ length: 400 }, (_, n) => paint(n, n)),
  });
  expect(await remembered()).toEqual(await inFile());
  expect(await inFile()).toHaveLength(400);
});

test('where the rows cannot be read, nothing is taken as remembered afterwards', async () => {
  await put(at(1), paint(1, 10));
  await remembered();
  await put(at(1), paint(1, 20));
  const { read } = studio.db();
  const real = read.all.bind(read);
  const all = jest
    .spyOn(read, 'all')
    .mockImplementation(((query: never) =>
      all.mock.calls.length < 3
        ? real(query)
        : Promise.reject(new Refused('disk', 'The disk is gone.'))) as typeof read.all);
  await expect(remembered()).rejects.toThrow('The disk is gone.');
  all.mockRestore();
  expect(await remembered()).toEqual(await inFile());
});
