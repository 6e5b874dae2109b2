// The brief command: a plan file in, JSON out; a bad one refused with its faults on standard error.
import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { mkdtemp, readFile, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test } from 'node:test';

const root = join(import.meta.dirname, '..');
const demo = (name) => join(root, 'demo/orchard-ledger/plans', name);
const brief = (...args) =>
  spawnSync('npm', ['run', '-s', 'brief', '--', ...args], { cwd: root, encoding: 'utf8' });
const faults = (text) => text.split('\n').filter((line) => line.startsWith('/'));

test('prints every part of the brief', () => {
  const { status, stdout } = brief(demo('1-quince-and-slate.pour.json'));
  assert.equal(status, 0);
  const said = JSON.parse(stdout);
  assert.deepEqual(Object.keys(said).sort(), [
    'budget',
    'cost',
    'cups',
    'factors',
    'mediums',
    'mixes',
    'path',
    'remarks',
    'run',
    'schedule',
    'stays',
    'surface',
  ]);
  assert.equal(said.budget.totalG, 839);
  assert.equal(said.cups.length, 3);
  assert.equal(said.schedule[0].from, '2026-11-28T10:00');
});

test('a studio file gives prices', async () => {
  const folder = await mkdtemp(join(tmpdir(), 'potter-brief-'));
  const studio = join(folder, 'studio.json');
  await writeFile(
    studio,
    JSON.stringify({ currency: 'GBP', prices: { oat: { price: 10, g: 100 } }, surfacePrice: 12 }),
  );
  const { stdout } = brief(demo('1-quince-and-slate.pour.json'), '--studio', studio);
  const { cost } = JSON.parse(stdout);
  assert.equal(cost.currency, 'GBP');
  assert.equal(cost.surface, 12);
  assert.ok(cost.paint > 0);
});

test('faults, one a line, exit 2, nothing printed', async () => {
  const folder = await mkdtemp(join(tmpdir(), 'potter-brief-'));
  const plan = JSON.parse(await readFile(demo('1-quince-and-slate.pour.json'), 'utf8'));
  plan.cups[0].layers[2].mix = 'x';
  const file = join(folder, 'bad.pour.json');
  await writeFile(file, JSON.stringify(plan));
  const { status, stdout, stderr } = brief(file);
  assert.equal(status, 2);
  assert.equal(stdout, '');
  assert.deepEqual(faults(stderr), [
    '/cups/0/layers/2/mix no mix "x"; there are "m-oat", "m-slate", "m-quince", "m-damson", "m-brass", "m-beetroot"',
  ]);
  assert.equal(brief(join(folder, 'none.json')).status, 2);
  assert.equal(brief().status, 1);
});
