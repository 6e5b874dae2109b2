// Studios of every earlier version open and are right; one of a newer version is refused in words and left as it is.
import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, test } from 'node:test';
import { pathToFileURL } from 'node:url';
import { gunzipSync } from 'node:zlib';
import Sqlite from 'libsql';
import { startStudio } from './support/studio.mjs';
import { FULL } from './support/full.mjs';

const here = import.meta.dirname;
const folder = mkdtempSync(join(tmpdir(), 'potter-old-'));
after(() => rmSync(folder, { recursive: true, force: true }));

const old = readdirSync(join(here, 'old-studios')).filter((f) => f.endsWith('.db.gz'));
const forms = JSON.parse(
  readFileSync(join(here, '../apps/server/drizzle/meta/_journal.json'), 'utf8'),
).entries;

/** A file's own rows, read without the studio. */
function rowsIn(path) {
  const db = new Sqlite(path, { readonly: true });
  const all = (sql) => db.prepare(sql).all();
  const read = {
    plans: all('SELECT id, plan FROM plans').map((r) => [r.id, JSON.parse(r.plan)]),
    runs: all('SELECT id, run FROM runs').map((r) => [r.id, JSON.parse(r.run)]),
    shelf: all('SELECT item FROM shelf ORDER BY position, id').map((r) => JSON.parse(r.item)),
  };
  db.close();
  return read;
}

test('there is one of every form but this one', () => {
  const told = forms.slice(0, -1).map(({ tag }) => `${tag.replace('_', '-')}.db.gz`);
  assert.deepEqual([...old].sort(), told);
});

/** The short run opens the oldest, and every fourth after it. */
const EVERY = FULL ? 1 : 4;

for (const name of old.filter((_, n) => n % EVERY === 0))
  test(`${name} opens, and holds what it held`, async () => {
    const path = join(folder, name.replace('.gz', ''));
    writeFileSync(path, gunzipSync(readFileSync(join(here, 'old-studios', name))));
    const was = rowsIn(path);
    assert.ok(was.plans.length > 2 && was.runs.length > 0 && was.shelf.length > 10);
    const studio = await startStudio({
      env: { POTTER_DB: pathToFileURL(path).href, POTTER_SEED: '' },
    });
    try {
      const ask = async (at) => (await fetch(studio.url + at)).json();
      const list = await ask('/api/plans?most=500');
      assert.deepEqual(list.apart ?? [], []);
      assert.equal(list.count, was.plans.length);
      for (const [id, plan] of was.plans) {
        assert.deepEqual((await ask(`/api/plans/${id}`)).plan, plan);
        assert.equal(list.plans.find((p) => p.id === id).title, plan.title);
      }
      for (const [id, run] of was.runs) assert.deepEqual(await ask(`/api/runs/${id}`), run);
      const runs = await ask('/api/runs?most=500');
      assert.deepEqual([runs.count, runs.apart ?? []], [was.runs.length, []]);
      const shelf = await ask('/api/shelf');
      assert.deepEqual([shelf.items, shelf.apart ?? []], [was.shelf, []]);
      // It can be worked on.
      const [[id, plan]] = was.plans;
      const { revision } = await ask(`/api/plans/${id}`);
      const saved = await fetch(`${studio.url}/api/plans/${id}`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ revision, plan: { ...plan, title: 'Gone on with' } }),
      });
      assert.equal(saved.status, 200);
      const { copies } = await ask('/api/copies');
      assert.ok(copies.some((c) => c.name.startsWith('before-')));
    } finally {
      await studio.stop();
    }
  });

test('one of a newer version is refused in words, and left as it is', () => {
  const path = join(folder, 'newer.db');
  writeFileSync(path, gunzipSync(readFileSync(join(here, 'old-studios', old.at(-1)))));
  const db = new Sqlite(path);
  for (let i = 0; i < forms.length; i++)
    db.exec(`INSERT INTO __drizzle_migrations (hash, created_at) VALUES ('later', ${9e12 + i})`);
  db.close();
  const before = rowsIn(path);
  const { status, stderr } = spawnSync('node', [join(here, '../apps/server/dist/main.js')], {
    env: { ...process.env, PORT: '1', POTTER_DB: pathToFileURL(path).href, POTTER_SEED: '' },
    encoding: 'utf8',
  });
  assert.equal(status, 1);
  assert.match(
    stderr,
    /^This studio was last opened by a newer version of Potter\. Nothing was changed/,
  );
  assert.doesNotMatch(stderr, /\n\s+at /);
  assert.deepEqual(rowsIn(path), before);
});
