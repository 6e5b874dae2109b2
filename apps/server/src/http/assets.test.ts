import { mkdirSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { FastifyInstance } from 'fastify';
import { buildApp } from '../app';
import { type Database, openDatabase } from '../db/open';

let folder: string;
let db: Database;
let app: FastifyInstance;

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'potter-web-'));
  const web = join(folder, 'web');
  mkdirSync(join(web, '_expo/static'), { recursive: true });
  writeFileSync(join(web, 'index.html'), 'the application');
  writeFileSync(join(web, '_expo/static/a-1234.js'), 'its code');
  writeFileSync(join(web, '.secret'), 'a dotfile');
  writeFileSync(join(folder, 'outside.txt'), 'not the application’s');
  symlinkSync(join(folder, 'outside.txt'), join(web, 'link.txt'));
  symlinkSync(folder, join(web, 'up'));
  symlinkSync(join(web, 'index.html'), join(web, 'within.html'));
  db = await openDatabase(':memory:', join(__dirname, '../../drizzle'));
  app = await buildApp({ db, webFolder: web });
});
afterAll(async () => {
  await app.close();
  await db.close();
  rmSync(folder, { recursive: true });
});

const get = (url: string) => app.inject({ url, headers: { host: '127.0.0.1:4173' } });

test.each(['/', '/plans', '/plan/of-any-id/mixes', '/index.html', '/within.html'])(
  '%s is the application',
  async (path) => {
    const { statusCode, body } = await get(path);
    expect([statusCode, body]).toEqual([200, 'the application']);
  },
);

test.each([
  '/.secret',
  '/link.txt',
  '/up/outside.txt',
  '/..%2Foutside.txt',
  '/%2e%2e/outside.txt',
  '/no-such.js',
])('%s is not served', async (path) => {
  const { statusCode, body } = await get(path);
  expect(statusCode).toBeGreaterThanOrEqual(400);
  expect(body).not.toMatch(/dotfile|not the application/);
});

test('a browser keeps what carries a digest, asks about the page, and keeps nothing of what the studio holds', async () => {
  const kept = async (path: string) => (await get(path)).headers['cache-control'];
  expect(await kept('/_expo/static/a-1234.js')).toContain('immutable');
  expect(await kept('/')).toBe('no-cache');
  for (const path of ['/api/plans', '/api/shelf', '/api/settings', '/api/none'])
    expect(await kept(path)).toBe('no-store');
});
