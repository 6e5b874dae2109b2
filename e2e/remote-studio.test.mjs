// A studio whose database is another machine's: filled, changed, and asked for while that machine is away.
import assert from 'node:assert/strict';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, test } from 'node:test';
import { libsqlStandIn } from './support/libsql-stand-in.mjs';
import { startStudio } from './support/studio.mjs';

const folder = mkdtempSync(join(tmpdir(), 'potter-remote-'));
const there = await libsqlStandIn(join(folder, 'studio.db'), 'a-token');
const told = { POTTER_DB: there.url, POTTER_DB_TOKEN: 'a-token' };
const studio = await startStudio({ env: told });
after(async () => {
  await studio.stop();
  there.stop();
  rmSync(folder, { recursive: true, force: true });
});

const ask = async (method, path, body, url = studio.url) => {
  const response = await fetch(url + path, {
    method,
    ...(body === undefined
      ? {}
      : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
  });
  return { status: response.status, body: await response.json() };
};

test('it is filled over the network, and all there is can be read', async () => {
  const { plans, count } = (await ask('GET', '/api/plans')).body;
  assert.equal(plans.length, count);
  assert.ok(plans.some((p) => p.title === 'Quince and Slate'));
  assert.ok((await ask('GET', '/api/shelf')).body.items.length > 10);
  assert.ok((await ask('GET', '/api/runs')).body.runs.length > 0);
  assert.ok(there.asked() > 3);
});

test('plans, things on the shelf and settings are changed, deleted and put back', async () => {
  const [{ id }] = (await ask('GET', '/api/plans')).body.plans;
  const { revision, plan } = (await ask('GET', `/api/plans/${id}`)).body;
  const saved = await ask('PUT', `/api/plans/${id}`, {
    revision,
    plan: { ...plan, title: 'Renamed' },
  });
  assert.equal(saved.body.revision, revision + 1);
  await ask('DELETE', `/api/plans/${id}`);
  assert.equal((await ask('GET', `/api/plans/${id}`)).status, 404);
  assert.equal((await ask('POST', `/api/bin/plan/${id}/back`)).status, 200);
  assert.equal((await ask('GET', `/api/plans/${id}`)).body.plan.title, 'Renamed');

  const paint = (await ask('GET', '/api/shelf')).body.items.find((i) => i.kind === 'paint');
  const path = `/api/shelf/paint/${paint.paint.id}`;
  await ask('PUT', path, { now: { ...paint, stockMl: 77 } });
  const now = (await ask('GET', '/api/shelf')).body.items.find(
    (i) => i.kind === 'paint' && i.paint.id === paint.paint.id,
  );
  assert.equal(now.stockMl, 77);
  const settings = (await ask('GET', '/api/settings')).body;
  await ask('PUT', '/api/settings', { now: { ...settings, mass: 'oz' } });
  assert.equal((await ask('GET', '/api/settings')).body.mass, 'oz');
});

test('two servers on one studio: of changes at once none is lost between its reading and its writing', async () => {
  const second = await startStudio({ env: told });
  try {
    const settings = (await ask('GET', '/api/settings')).body;
    const names = ['thin', 'flowing', 'medium', 'thick'];
    for (let round = 1; round <= 5; round++) {
      await Promise.all(
        names.map((name, i) =>
          ask(
            'PUT',
            '/api/settings',
            {
              now: { ...settings, consistencyNames: { [name]: `${name} ${round}` } },
              was: { [`/consistencyNames/${name}`]: [round === 1 ? null : `${name} ${round - 1}`] },
            },
            i % 2 === 0 ? studio.url : second.url,
          ),
        ),
      );
      const { consistencyNames } = (await ask('GET', '/api/settings')).body;
      assert.deepEqual(
        consistencyNames,
        Object.fromEntries(names.map((name) => [name, `${name} ${round}`])),
      );
    }
  } finally {
    await second.stop();
  }
});

test('a picture goes over and comes back, each time the same', async () => {
  const bytes = Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAQAAAC1HAwCAAAAC0lEQVR42mNkYAAAAAYAAjCB0C8AAAAASUVORK5CYII=',
    'base64',
  );
  const at = `${studio.url}/api/pictures/picture-0001`;
  const put = await fetch(at, {
    method: 'PUT',
    headers: { 'content-type': 'image/png' },
    body: bytes,
  });
  assert.equal(put.status, 200);
  const back = async () => Buffer.from(await (await fetch(at)).arrayBuffer());
  const first = await back();
  // The mark of a PNG, and its one pixel.
  assert.equal(first.subarray(1, 4).toString(), 'PNG');
  assert.equal(first.readUInt32BE(16), 1);
  assert.deepEqual(await back(), first);
});

test('while that machine is away the studio says so and nothing is saved; once it is back all goes on', async () => {
  there.away(true);
  const { status, body } = await ask('GET', '/api/plans');
  assert.equal(status, 503);
  assert.match(body.error.message, /does not answer: nothing was saved/);
  there.away(false);
  assert.equal((await ask('GET', '/api/plans')).status, 200);
});

test('copies are made where it is: this machine says so', async () => {
  const { status, body } = await ask('POST', '/api/copies');
  assert.equal(status, 409);
  assert.match(body.error.message, /no file of this machine/);
});

test('its own server started anew finds everything there', async () => {
  await studio.halt();
  await studio.resume();
  assert.equal((await ask('GET', '/api/settings')).body.mass, 'oz');
});
