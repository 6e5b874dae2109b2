import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { plainSurface } from '@potter/core/surface';
import { edit, newPlan, type Plan } from '@potter/core/plan';
import { InUse } from '../db/lock';
import { openDatabase } from '../db/open';
import { titlesIn } from '../../test/titles';
import { createPlan, deletePlan, savePlan } from '../plans/store';
import { restoreFile as restore } from './restore';

const migrations = join(__dirname, '../../drizzle');
const now = new Date(Date.UTC(2026, 10, 24, 12));
const plan = (title: string): Plan =>
  newPlan({
    title,
    surface: plainSurface({ kind: 'rect', widthMm: 200, heightMm: 200 }),
    paints: [
      { id: 'oat', name: 'Oat', hex: '#ece5d6', opacity: 'opaque', body: 'soft', finish: 'satin' },
    ],
    technique: 'flip-cup',
  });

let folder: string;
let path: string;
let copy: string;
const open = (file = path) => openDatabase(pathToFileURL(file).href, migrations);
const titles = async () => {
  const db = await open();
  const found = await titlesIn(db);
  await db.close();
  return found;
};

/** A studio that was copied with Kept and Lost, and has Kept changed and New since. */
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'potter-restore-'));
  path = join(folder, 'potter.db');
  copy = join(folder, 'elsewhere.db');
  const db = await open();
  const kept = await createPlan(db, { plan: plan('Kept') }, now);
  const lost = await createPlan(db, { plan: plan('Lost') }, now);
  await createPlan(db, { plan: plan('Same') }, now);
  await db.copy(copy);
  await savePlan(db, kept.id, { revision: 1, plan: edit.rename(kept.plan, 'Kept, changed') }, now);
  await deletePlan(db, lost.id, now);
  await createPlan(db, { plan: plan('New') }, now);
  await db.close();
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

test('a look says what would change, by name, and changes nothing', async () => {
  const before = readFileSync(copy);
  const told = await restore(path, copy, migrations, { putBack: false, now });
  expect(told.differences[0]).toEqual({
    kind: 'plans',
    brings: ['Lost'],
    takesAway: ['New'],
    changes: ['Kept'],
    same: 1,
  });
  expect(await titles()).toEqual(['Kept, changed', 'New', 'Same']);
  expect(readFileSync(copy).equals(before)).toBe(true);
});

test('put back, the studio is as it was copied, and as it was before lies beside it', async () => {
  const told = await restore(path, copy, migrations, { putBack: true, now });
  expect(await titles()).toEqual(['Kept', 'Lost', 'Same']);
  expect(told.before).toBe(join(folder, 'copies', 'before-restore-2026-11-24-120000.db'));
  // And back again.
  await restore(path, told.before!, migrations, { putBack: true, now: new Date(+now + 60_000) });
  expect(await titles()).toEqual(['Kept, changed', 'New', 'Same']);
  expect(readdirSync(folder).filter((name) => name.startsWith('restoring'))).toEqual([]);
});

test('a damaged copy, or a studio somebody has open, changes nothing', async () => {
  writeFileSync(copy, readFileSync(copy).fill(7, 100, 12_000));
  await expect(restore(path, copy, migrations, { putBack: true, now })).rejects.toThrow(
    'is damaged, or no copy of a studio',
  );
  await expect(
    restore(path, join(folder, 'none.db'), migrations, { putBack: true, now }),
  ).rejects.toThrow('is not there');
  expect(await titles()).toEqual(['Kept, changed', 'New', 'Same']);
  writeFileSync(`${path}.lock`, '1');
  await expect(restore(path, path, migrations, { putBack: true, now })).rejects.toThrow(InUse);
  rmSync(`${path}.lock`);
  expect(await titles()).toEqual(['Kept, changed', 'New', 'Same']);
  expect(existsSync(join(folder, 'copies'))).toBe(false);
});
