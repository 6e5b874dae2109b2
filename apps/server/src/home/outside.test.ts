import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildApp } from '../app';
import { type Database, openDatabase } from '../db/open';
import type { Routes } from '../http/contract';
import { homeDoor } from './door';
import { namesOf } from './names';

/** A studio behind a proxy that has a certificate of its own: what it hands on names the outside address. */
let folder: string;
let db: Database;
const apps: Routes[] = [];
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'potter-outside-'));
  db = await openDatabase(':memory:', join(__dirname, '../../drizzle'));
});
afterEach(async () => {
  await Promise.all(apps.splice(0).map((app) => app.close()));
  await db.close();
  rmSync(folder, { recursive: true });
});

async function studio(loopbackAsks = false) {
  const now = () => new Date();
  const home = homeDoor({
    folder,
    port: 1,
    outside: 'https://studio.example',
    names: () => namesOf('studio', []),
    now,
  });
  const app = await buildApp({ db, home, now, loopbackAsks });
  apps.push(app);
  const ask = async (headers: Record<string, string>, url = '/api/plans', payload?: object) => {
    const answer = await app.inject({
      url,
      headers,
      ...(payload ? { method: 'POST', payload } : {}),
    });
    return { status: answer.statusCode, body: answer.json(), headers: answer.headers };
  };
  return { ask };
}

const MACHINE = { host: '127.0.0.1:4173' };
const OUTSIDE = {
  host: 'studio.example',
  origin: 'https://studio.example',
  'x-forwarded-for': '203.0.113.9',
};

test('who comes by the outside address has to be paired; the machine itself does not', async () => {
  const { ask } = await studio();
  expect((await ask(OUTSIDE)).body.error.code).toBe('unpaired');
  expect((await ask(MACHINE)).status).toBe(200);
});

test('a device pairs by it with a code made on the machine, which names that address', async () => {
  const { ask } = await studio();
  const { pairing, addresses, trustPage } = (await ask(MACHINE, '/api/home/code', {})).body;
  expect([addresses, trustPage]).toEqual([['https://studio.example'], undefined]);
  expect(pairing.address).toBe(`https://studio.example/pair#${pairing.code}`);
  const answer = await ask(OUTSIDE, '/api/pair', { code: pairing.code, name: 'Tablet' });
  expect(answer.body).toEqual({ name: 'Tablet' });
  const cookie = String(answer.headers['set-cookie']).split(';')[0]!;
  expect(cookie).not.toBe('');
  expect((await ask({ ...OUTSIDE, cookie })).status).toBe(200);
  expect((await ask({ ...OUTSIDE, cookie, origin: 'http://studio.example' })).status).toBe(403);
});

test('what a proxy hands on as the machine’s own is not taken for it', async () => {
  const { ask } = await studio();
  const answer = await ask({ ...MACHINE, 'x-forwarded-for': '203.0.113.9' });
  expect(answer.body.error.code).toBe('host');
});

test('told so, the machine itself has to be paired too', async () => {
  const { ask } = await studio(true);
  expect((await ask(MACHINE)).body.error.code).toBe('unpaired');
  expect((await ask(MACHINE, '/api/health')).status).toBe(200);
});
