// The server as a process: what it holds survives it, it stops in order, it serves compressed and cached.
import assert from 'node:assert/strict';
import { stat } from 'node:fs/promises';
import { join } from 'node:path';
import { test } from 'node:test';
import { startStudio } from './support/studio.mjs';

test('stops in order and has everything when it starts again', async () => {
  const studio = await startStudio();
  const before = await (await fetch(`${studio.url}/api/plans`)).json();
  await studio.halt();
  await studio.resume();
  assert.deepEqual(await (await fetch(`${studio.url}/api/plans`)).json(), before);
  await studio.stop();
});

test('serves the application compressed, its digested files for good, its page always fresh', async () => {
  const studio = await startStudio();
  const page = await fetch(`${studio.url}/plans/anything/surface`);
  assert.equal(page.headers.get('cache-control'), 'no-cache');
  const html = await page.text();
  const script = /src="(\/_expo\/static\/js\/web\/entry[^"]+)"/.exec(html)[1];
  const asset = await fetch(studio.url + script, { headers: { 'accept-encoding': 'br' } });
  await asset.arrayBuffer();
  assert.equal(asset.headers.get('content-encoding'), 'br');
  assert.match(asset.headers.get('cache-control'), /immutable/);
  assert.equal((await fetch(`${studio.url}/plans`, { method: 'HEAD' })).status, 200);
  assert.equal((await fetch(`${studio.url}/no/such/file.js`)).status, 404);
  await studio.stop();
});

test('what every first screen waits for is no more than a phone takes in at once', async () => {
  const studio = await startStudio();
  const html = await (await fetch(`${studio.url}/bench`)).text();
  const scripts = [...html.matchAll(/<script src="([^"]+)"/g)].map(([, path]) => path);
  const dist = join(import.meta.dirname, '../apps/web/dist');
  const sizes = await Promise.all(
    scripts.map(async (path) => (await stat(join(dist, `${path}.gz`))).size),
  );
  assert.ok(sizes.length >= 2);
  const kB = sizes.reduce((sum, size) => sum + size, 0) / 1024;
  assert.ok(kB <= 400, `${kB.toFixed(0)} kB`);
  await studio.stop();
});
