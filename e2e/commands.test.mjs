// The commands that plan and pour: a plan as New writes it, and what its pour comes to, in a command and in the studio's own thread alike.
import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { mkdtemp, readFile, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { PNG } from 'pngjs';
import { startStudio } from './support/studio.mjs';
import { FULL, inFull } from './support/full.mjs';

const root = join(import.meta.dirname, '..');
const run = (command, ...args) =>
  spawnSync('npm', ['run', '-s', command, '--', ...args], { cwd: root, encoding: 'utf8' });
const faults = (text) => text.split('\n').filter((line) => /^(--|\/)/.test(line));

let folder, file, studio;
before(async () => {
  folder = await mkdtemp(join(tmpdir(), 'potter-commands-'));
  file = join(folder, 'a.pour.json');
  studio = await startStudio();
});
after(() => studio.stop());

test('a plan is written for every technique that is named', async () => {
  const ids = run('plan', '--techniques').stdout.trim().split('\n');
  assert.ok(ids.includes('flip-cup'));
  // Each takes seconds to begin: all of them are the full run's.
  for (const id of FULL ? ids : ids.slice(0, 1)) {
    const { status, stderr } = run(
      'plan',
      ...['--surface', '20 x 20 cm', '--technique', id],
      ...['--colours', 'titanium white; phthalo blue; #d8a526', '--out', file],
    );
    assert.equal(status, 0, stderr);
    const plan = JSON.parse(await readFile(file, 'utf8'));
    assert.equal(plan.technique.id, id);
    assert.equal(plan.paints.length >= 3, true);
    assert.equal(run('brief', file).status, 0);
  }
});

test('its pour comes to the same in the command and in the studio', inFull, async () => {
  const picture = join(folder, 'a.png');
  const { status, stdout, stderr } = run(
    'pour',
    file,
    '--px',
    '64',
    '--seed',
    '9',
    '--out',
    picture,
  );
  assert.equal(status, 0, stderr);
  const told = JSON.parse(stdout);
  assert.equal((await readFile(picture)).subarray(1, 4).toString(), 'PNG');
  const { left, right, top, bottom, total } = told.runOffG;
  assert.ok(Math.abs(left + right + top + bottom - total) < 1e-6);
  assert.ok(told.covered > 0.9 && told.covered <= 1);
  assert.ok(told.filmMm.min <= told.filmMm.mean && told.filmMm.mean <= told.filmMm.max);
  const plan = JSON.parse(await readFile(file, 'utf8'));
  assert.deepEqual(Object.keys(told.mixes).sort(), plan.mixes.map((m) => m.id).sort());
  const answer = await fetch(`${studio.url}/api/pours`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ plan, seed: 9, px: 64 }),
  });
  assert.equal(answer.status, 200);
  assert.deepEqual(await answer.json(), told);
});

test('a print is made by the studio, asked after and taken; it carries how large the piece is', async () => {
  const plan = JSON.parse(await readFile(file, 'utf8'));
  const url = `${studio.url}/api/plans/print-1/print`;
  const asked = async (path = '', how) => (await fetch(url + path, how)).json();
  assert.deepEqual(await asked(), { state: 'none', share: 0 });
  assert.equal((await fetch(`${url}/picture`)).status, 404);
  const headers = { 'content-type': 'application/json' };
  const post = (body) => ({ method: 'POST', headers, body: JSON.stringify(body) });
  const refused = await asked('', post({ plan, px: 5000, look: 'dry' }));
  assert.match(JSON.stringify(refused), /px/);
  await asked('', post({ plan, seed: 9, px: 64, look: 'dry' }));
  let told;
  for (let n = 0; n < 300; n++) {
    told = await asked();
    if (told.state === 'done' || told.state === 'failed') break;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  assert.deepEqual(told, { state: 'done', share: 1, of: { px: 64, look: 'dry', seed: 9 } });
  const png = Buffer.from(await (await fetch(`${url}/picture`)).arrayBuffer());
  const read = PNG.sync.read(png);
  assert.equal(Math.max(read.width, read.height), 64);
  // Dots a metre (PNG, W3C 2003, 11.3.5.3): so many pixels over the longer side.
  const at = png.indexOf('pHYs') + 4;
  const { widthMm, heightMm } = plan.surface.shape;
  const metres = Math.max(widthMm, heightMm) / 1000;
  assert.ok(Math.abs((png.readUInt32BE(at) * metres) / 64 - 1) < 0.02);
  assert.deepEqual(await asked('', { method: 'DELETE' }), { state: 'none', share: 0 });
});

test(
  'what is not right is said, where and how to mend it; nothing is written',
  inFull,
  async () => {
    const bad = run(
      'plan',
      '--surface',
      'wide',
      '--technique',
      'flop',
      '--colours',
      'bluish; teal; teal',
    );
    assert.equal(bad.status, 2);
    const said = faults(bad.stderr);
    assert.match(said[0], /^--surface "wide" is not a number\. Write a size/);
    assert.match(said[1], /^--technique there is no technique "flop"; there are flip-cup/);
    assert.match(said[2], /^--colours\/0 There is no generic colour "bluish"/);
    assert.match(said[3], /^--colours\/2 "teal" is there already/);
    assert.equal(run('plan').status, 1);
    const gone = run('pour', join(folder, 'none.pour.json'));
    assert.equal(gone.status, 2);
    assert.match(gone.stderr, /cannot read/);
    assert.equal(run('pour', file, '--px', '3').status, 2);
    assert.equal(run('pour', file, '--seeds', '3').status, 1);
  },
);

test(
  'a copy of the studio is looked at, and put back once the studio is stopped',
  inFull,
  async () => {
    const copies = await (await fetch(`${studio.url}/api/copies`, { method: 'POST' })).json();
    const copy = join(folder, 'copy.db');
    const answer = await fetch(`${studio.url}/api/copies/${copies.copies[0].name}`);
    await writeFile(copy, Buffer.from(await answer.arrayBuffer()));
    const titles = async () =>
      (await (await fetch(`${studio.url}/api/plans`)).json()).plans.map((p) => p.title).sort();
    const before = await titles();
    const { plans } = await (await fetch(`${studio.url}/api/plans`)).json();
    const gone = plans.find((p) => p.title === 'Damson Moon');
    await fetch(`${studio.url}/api/plans/${gone.id}`, { method: 'DELETE' });

    const restore = (...args) =>
      spawnSync('npm', ['run', '-s', 'restore', '--', copy, ...args], {
        cwd: root,
        encoding: 'utf8',
        env: { ...process.env, POTTER_DB: studio.db },
      });
    const held = restore('--put-back');
    assert.equal(held.status, 2);
    assert.match(held.stderr, /open in another program/);
    await studio.halt();
    const look = restore();
    assert.equal(look.status, 0, look.stderr);
    assert.match(look.stdout, /would bring back 1: Damson Moon/);
    assert.equal(restore('--put-back').status, 0);
    await studio.resume();
    assert.deepEqual(await titles(), before);
  },
);
