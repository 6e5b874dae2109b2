import {
  copyFileSync,
  cpSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { plainSurface } from '@potter/core/surface';
import { newPlan } from '@potter/core/plan';
import { copyOfTheDay, listCopies } from '../copies/copies';
import { titlesIn } from '../../test/titles';
import { createPlan } from '../plans/store';
import { InUse, lockFile } from './lock';
import { openDatabase } from './open';
import { troubleOf } from './trouble';

const migrations = join(__dirname, '../../drizzle');
let folder: string;
let path: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'potter-db-'));
  path = join(folder, 'potter.db');
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));
const open = (file = path) => openDatabase(pathToFileURL(file).href, migrations);

const plan = newPlan({
  title: 'Kept',
  surface: plainSurface({ kind: 'rect', widthMm: 200, heightMm: 200 }),
  paints: [
    { id: 'oat', name: 'Oat', hex: '#ece5d6', opacity: 'opaque', body: 'soft', finish: 'satin' },
  ],
  technique: 'flip-cup',
});

test('after an orderly stop the file alone holds everything', async () => {
  const db = await open();
  await createPlan(db, { plan }, new Date());
  await db.close();
  const copy = join(folder, 'copy.db');
  copyFileSync(path, copy);
  const again = await open(copy);
  expect(await titlesIn(again)).toEqual(['Kept']);
  await again.close();
});

test('the file is its owner’s alone to read', async () => {
  const db = await open();
  expect(statSync(path).mode & 0o777).toBe(0o600);
  await db.close();
});

test('a write is on the disk before it is answered', async () => {
  const db = await open();
  const [row] = (await db.read.all('PRAGMA synchronous')) as { synchronous: number }[];
  expect(row!.synchronous).toBe(2);
  await db.close();
});

test('a file another program has is refused in plain words, one left by a program that is gone is taken over', async () => {
  // The first process of the machine runs as long as the machine does.
  writeFileSync(`${path}.lock`, '1');
  await expect(open()).rejects.toThrow(InUse);
  await expect(open()).rejects.toThrow('open in another program (number 1)');
  writeFileSync(`${path}.lock`, '999999999');
  const db = await open();
  await db.close();
  const unlock = lockFile(path);
  unlock();
});

test('a damaged file is said, and left as it is', async () => {
  const db = await open();
  await createPlan(db, { plan }, new Date());
  await db.close();
  const { size } = statSync(path);
  writeFileSync(path, Buffer.alloc(size, 'x'));
  const error: unknown = await open().catch((e: unknown) => e);
  expect(troubleOf(error)?.code ?? String(error)).toMatch(/damaged/);
  expect(statSync(path).size).toBe(size);
});

test.each([
  [{ code: 'SQLITE_FULL', message: 'database or disk is full' }, 'disk-full'],
  [{ code: 'SQLITE_READONLY', message: 'attempt to write a readonly database' }, 'read-only'],
  [{ code: 'SQLITE_CORRUPT', message: 'database disk image is malformed' }, 'damaged'],
  [{ code: 'SQLITE_IOERR', message: 'disk I/O error' }, 'disk'],
])('what the disk does is told in one shape, with what to do: %j', (fault, code) => {
  const inner = Object.assign(new Error(fault.message), { code: fault.code });
  const trouble = troubleOf(new Error('Failed query', { cause: inner }));
  expect(trouble?.code).toBe(code);
  expect(trouble?.message).toMatch(/nothing was saved/);
  expect(troubleOf(new TypeError('x is not a function'))).toBeUndefined();
});

test('a copy of the day is whole, its owner’s alone, and made once', async () => {
  const db = await open();
  await createPlan(db, { plan }, new Date());
  const noon = new Date(Date.UTC(2026, 10, 24, 12));
  await copyOfTheDay(db, noon);
  await createPlan(db, { plan: { ...plan, title: 'Later' } }, new Date());
  await copyOfTheDay(db, noon);
  const { copies, trouble } = await listCopies(db);
  expect([copies.map((c) => c.name), trouble]).toEqual([['potter-2026-11-24.db'], undefined]);
  const copied = join(folder, 'copies/potter-2026-11-24.db');
  expect(statSync(copied).mode & 0o777).toBe(0o600);
  await db.close();
  const copy = await open(copied);
  expect(await titlesIn(copy)).toEqual(['Kept']);
  await copy.close();
});

test('a copy that cannot be made is said, and leaves nothing half done', async () => {
  const db = await open();
  writeFileSync(join(folder, 'copies'), 'a file where the folder would be');
  await copyOfTheDay(db, new Date());
  expect((await listCopies(db)).trouble).toBeTruthy();
  rmSync(join(folder, 'copies'));
  await copyOfTheDay(db, new Date());
  expect((await listCopies(db)).trouble).toBeUndefined();
  await db.close();
});

test('a file of an earlier version is copied as it was before its form is changed', async () => {
  const before = join(folder, 'migrations');
  cpSync(migrations, before, { recursive: true });
  const journal = join(before, 'meta/_journal.json');
  const { entries, ...rest } = JSON.parse(readFileSync(journal, 'utf8')) as { entries: unknown[] };
  writeFileSync(journal, JSON.stringify({ ...rest, entries: entries.slice(0, 1) }));
  await (await openDatabase(pathToFileURL(path).href, before)).close();
  const db = await open();
  expect(readdirSync(join(folder, 'copies'))).toEqual(['before-0001_pictures.db']);
  await createPlan(db, { plan }, new Date());
  await db.close();
  // Nothing is pending now, so nothing is copied.
  await (await open()).close();
  expect(readdirSync(join(folder, 'copies'))).toHaveLength(1);
});
