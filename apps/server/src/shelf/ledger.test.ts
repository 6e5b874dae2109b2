import { join } from 'node:path';
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { pathToFileURL } from 'node:url';
import { beginRun, type Run } from '@potter/core/journal';
import type { ShelfPaint } from '@potter/core/stock';
import { inStudio, OAT, plan } from '../../test/studio';
import { openDatabase } from '../db/open';
import { putRun } from '../runs/store';
import { putOnShelf, readShelf } from './store';

const { ask, put } = inStudio();

const AT = '/api/shelf/paint/oat';
const run = (taken: number, id = 'run-00000003'): Run => ({
  ...beginRun(id, 'p', plan(), 1_000_000),
  endedAt: 1_100_000,
  drawn: { lines: [{ kind: 'paint', id: 'oat', taken }] },
});
const undone = (r: Run): Run => ({ ...r, drawn: { ...r.drawn!, undone: true } });
const pour = (r: Run) => put(`/api/runs/${r.id}`, r);
const oat = async () => (await ask('GET', '/api/shelf')).body.items[0] as ShelfPaint;
const left = async () => (await oat()).stockMl;
const has = (stockMl: number, was?: object) => put(AT, { ...OAT, stockMl }, was);

test('a pour draws once, gives back what is undone, and draws the same again', async () => {
  await has(1000);
  await pour(run(120.5));
  expect(await left()).toBe(879.5);
  await pour({ ...run(120.5), note: 'the same again' });
  expect(await left()).toBe(879.5);
  await pour(undone(run(120.5)));
  expect(await left()).toBe(1000);
  await pour(run(120.5));
  expect(await left()).toBe(879.5);
});

test('more drawn than there was: nothing is left, and undone there is what there was', async () => {
  await has(50);
  await pour(run(120));
  expect(await left()).toBe(0);
  await pour(undone(run(120)));
  expect(await left()).toBe(50);
});

test('struck out and put back, a pour has drawn once', async () => {
  await has(50);
  await pour(run(20));
  await ask('DELETE', '/api/runs/run-00000003');
  expect(await left()).toBe(30);
  await pour(run(20));
  expect(await left()).toBe(30);
});

test('a paint edited on a form opened before the pour keeps what the pour drew', async () => {
  await has(50);
  const form = await oat();
  await pour(run(20));
  const named = { ...form, paint: { ...form.paint, name: 'Oat' } };
  const { body } = await put(AT, named, { '/paint/name': ['Oat milk'] });
  expect(body).toMatchObject({ paint: { name: 'Oat' }, stockMl: 30 });
  expect(await left()).toBe(30);
  await pour(undone(run(20)));
  expect(await oat()).toMatchObject({ paint: { name: 'Oat' }, stockMl: 50 });
});

test('a paint counted between a pour and its undoing ends with the count and what came back', async () => {
  await has(50);
  await pour(run(20));
  await has(100, { '/stockMl': [30] });
  expect(await left()).toBe(100);
  await pour(undone(run(20)));
  expect(await left()).toBe(120);
  await pour(run(20));
  expect(await left()).toBe(100);
});

test('a count said while a pour drew is what there is: the bottle was looked at', async () => {
  await has(50);
  await pour(run(20));
  // The form showed 50, as it was opened before.
  expect((await has(60, { '/stockMl': [50] })).status).toBe(200);
  expect(await left()).toBe(60);
});

test('of two devices that change one paint both changes stand; at the same place the later is refused', async () => {
  await has(50);
  const low = { ...OAT, stockMl: 50, lowMl: 10 };
  const priced = { ...OAT, stockMl: 50, price: 9 };
  await put(AT, low, { '/lowMl': [null] });
  expect((await put(AT, priced, { '/price': [null] })).body).toMatchObject({ lowMl: 10, price: 9 });
  const late = await put(AT, { ...priced, price: 12 }, { '/price': [null] });
  expect(late).toMatchObject({
    status: 409,
    body: { error: { code: 'behind', faults: [{ path: '/price', message: 'is 9 there' }] } },
  });
  expect(await oat()).toMatchObject({ lowMl: 10, price: 9 });
  // Asked twice, as after a lost answer, it is no change of another's.
  expect((await put(AT, priced, { '/price': [null] })).status).toBe(200);
});

test('what is on the shelf from a table counts from then on', async () => {
  await has(50);
  await pour(run(20));
  await ask('POST', '/api/shelf', { items: [{ ...OAT, stockMl: 80 }] });
  expect(await left()).toBe(80);
  await pour(undone(run(20)));
  expect(await left()).toBe(100);
});

test('a file of before the ledger opens with the figures it had, and its pours can be undone', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'potter-ledger-'));
  const url = pathToFileURL(join(folder, 'potter.db')).href;
  const migrations = join(__dirname, '../../drizzle');
  const before = join(folder, 'migrations');
  cpSync(migrations, before, { recursive: true });
  const journal = join(before, 'meta/_journal.json');
  const { entries, ...rest } = JSON.parse(readFileSync(journal, 'utf8')) as {
    entries: { tag: string }[];
  };
  const until = entries.findIndex((e) => e.tag === '0005_draws-and-bin');
  writeFileSync(journal, JSON.stringify({ ...rest, entries: entries.slice(0, until) }));
  const old = await openDatabase(url, before);
  const text = (value: unknown) => `'${JSON.stringify(value).replaceAll("'", "''")}'`;
  // As it was kept then: the figure already less what was drawn; a row that cannot be read must not stop it.
  for (const statement of [
    `INSERT INTO shelf (kind, id, position, item) VALUES ('paint', 'oat', 1, ${text({ ...OAT, stockMl: 30 })})`,
    `INSERT INTO runs (id, started_at, run) VALUES ('run-00000003', 1, ${text(run(20))})`,
    `INSERT INTO runs (id, started_at, run) VALUES ('run-00000004', 1, ${text(undone(run(5, 'run-00000004')))})`,
    `INSERT INTO runs (id, started_at, run) VALUES ('run-00000005', 1, '{')`,
  ])
    await old.read.run(statement);
  await old.close();
  const db = await openDatabase(url, migrations);
  const there = async () => ((await readShelf(db)).items[0] as ShelfPaint).stockMl;
  expect(await there()).toBe(30);
  await putRun(db, 'run-00000003', { now: undone(run(20)) });
  expect(await there()).toBe(50);
  await putOnShelf(db, 'paint', 'oat', { now: { ...OAT, stockMl: 7 } });
  await putRun(db, 'run-00000003', { now: run(20) });
  expect(await there()).toBe(0);
  await db.close();
  rmSync(folder, { recursive: true });
});
