import { readdirSync, readFileSync, statSync } from 'node:fs';
import { request } from 'node:https';
import { join } from 'node:path';
import { AT, atHome } from '../../test/at-home';
import { plan } from '../../test/studio';

const { studio, over, plain, trust, here, paired, host, trusted } = atHome();

test('who is not paired gets the line that says it is there, and the pairing page; nothing else', async () => {
  await trust();
  const ask = async (path: string, headers = {}) => (await over(path, { headers })).status;
  for (const path of ['/api/health', '/pair', '/pair.js', '/pair.css', '/api/pair'])
    expect([path, await ask(path)]).toEqual([path, 200]);
  for (const path of [
    '/api/plans',
    '/api/home',
    '/api/devices',
    '/api/live?page=page-0001',
    '/x.js',
  ])
    expect([path, await ask(path)]).toEqual([path, 401]);
  // A calendar carries no cookie: its address is its key, and there is none yet.
  expect(await ask(`/calendar/${'a'.repeat(32)}.ics`)).toBe(404);
  const page = await over('/bench', { headers: { accept: 'text/html' } });
  expect([page.status, page.headers.location]).toEqual([303, '/pair']);
  for (const [method, path, body] of [
    ['POST', '/api/plans', {}],
    ['PUT', '/api/settings', {}],
    ['PUT', '/api/home', {}],
    ['DELETE', '/api/plans/p-00000001', undefined],
  ] as const)
    expect((await over(path, { method, body })).status).toBe(401);
});

test('a device pairs by the code on the machine’s screen, once, and is let in from then on', async () => {
  await trust();
  const { code } = (await here('POST', '/api/home/code')).body.pairing;
  const pair = (said: string) =>
    over('/api/pair', { method: 'POST', body: { code: said, name: ' Phone ' } });
  expect((await pair('AAAAAAAA')).body.error.code).toBe('wrong-code');
  const answer = await pair(code);
  expect([answer.status, answer.body]).toEqual([200, { name: 'Phone' }]);
  const [set] = answer.headers['set-cookie'] ?? [];
  for (const part of ['HttpOnly', 'Secure', 'SameSite=Strict', 'Path=/'])
    expect(set).toContain(part);
  const cookie = String(set).split(';')[0]!;
  expect((await over('/api/plans', { cookie })).status).toBe(200);
  expect((await over('/api/pair', { cookie })).body).toEqual({ name: 'Phone' });
  expect((await pair(code)).body.error.code).toBe('wrong-code');
});

test('what it carries stands nowhere: not in the database, not in the folder of keys', async () => {
  const cookie = await paired();
  const token = cookie.split('=')[1]!;
  const rows = JSON.stringify(await studio.db.read.all('SELECT * FROM devices'));
  expect(rows).toContain('Phone');
  expect(rows).not.toContain(token);
  const folder = join(studio.folder, 'keys');
  for (const file of readdirSync(folder)) {
    const text = readFileSync(join(folder, file), 'utf8');
    expect(text).not.toContain(token);
    if (file.endsWith('.key')) expect(statSync(join(folder, file)).mode & 0o077).toBe(0);
  }
});

test('tokens that were never given, or are nearly right, let nobody in', async () => {
  const cookie = await paired();
  const off = cookie.slice(0, -1) + (cookie.endsWith('A') ? 'B' : 'A');
  for (const stolen of [off, 'potter-device=', 'potter-device=%00', 'x=y', cookie.toUpperCase()])
    expect((await over('/api/plans', { cookie: stolen })).status).toBe(401);
});

test('a device put out is answered no more, what it was listening to ends, and it may be let in again', async () => {
  const cookie = await paired();
  const heard = listen(cookie);
  await heard.until('"kind":"here"');
  const [device] = (await here('GET', '/api/devices')).body.devices;
  await here('PUT', `/api/devices/${device.id}`, { revoked: true });
  expect(await heard.ended).toContain('"kind":"put-out"');
  expect((await over('/api/plans', { cookie })).body.error.code).toBe('unpaired');
  await here('PUT', `/api/devices/${device.id}`, { revoked: false });
  expect((await over('/api/plans', { cookie })).status).toBe(200);
});

test('a copy of before a device was put out does not let it in again', async () => {
  const cookie = await paired();
  const { id } = (await here('GET', '/api/devices')).body.devices[0];
  await here('PUT', `/api/devices/${id}`, { revoked: true });
  const rows = await studio.db.read.all<{ name: string }>(
    "SELECT name FROM sqlite_master WHERE type = 'table'",
  );
  expect(rows.map((r) => r.name)).toContain('devices');
  const path = join(studio.folder, 'copy.db');
  await studio.db.copy(path);
  await here('PUT', `/api/devices/${id}`, { revoked: false });
  const other = await studio.db.another(path);
  await other.close();
  await studio.db.become(path, join(studio.folder, 'first.db'));
  // The copy held it as put out; who is let in is as it was before.
  expect((await over('/api/plans', { cookie })).status).toBe(200);
});

test('only who sits at the machine opens the door, makes codes and lets a device in again', async () => {
  const cookie = await paired();
  const { id } = (await here('GET', '/api/devices')).body.devices[0];
  for (const [method, path, body] of [
    ['PUT', '/api/home', { open: false }],
    ['POST', '/api/home/code', undefined],
    ['PUT', `/api/devices/${id}`, { revoked: false }],
  ] as const) {
    const { body: told } = await over(path, { method, body, cookie });
    expect([path, told.error.code]).toEqual([path, 'only-here']);
  }
  const told = (await over('/api/home', { cookie })).body;
  expect(told).toMatchObject({ machine: false, open: true });
  expect(told.pairing).toBeUndefined();
  expect((await here('POST', '/api/pair', { code: 'AAAAAAAA', name: 'x' })).body.error.code).toBe(
    'only-here',
  );
});

test('foreign hosts, foreign origins, posts from other sites and from no page at all are refused', async () => {
  const cookie = await paired();
  const save = (headers: Record<string, string>) =>
    over('/api/plans', { method: 'POST', cookie, body: { plan: plan() }, headers });
  expect((await save({ host: 'evil.example' })).body.error.code).toBe('host');
  expect((await save({ origin: 'https://evil.example' })).body.error.code).toBe('origin');
  expect((await save({ origin: `http://${host()}` })).body.error.code).toBe('origin');
  expect((await save({ 'sec-fetch-site': 'cross-site' })).body.error.code).toBe('origin');
  expect((await save({ 'sec-fetch-site': 'same-site' })).body.error.code).toBe('origin');
  expect((await over('/api/plans', { cookie })).body.plans).toEqual([]);
  expect((await save({ 'sec-fetch-site': 'same-origin' })).status).toBe(201);
});

test('ten thousand guessed codes open nothing, and the machine goes on', async () => {
  await trust();
  await here('POST', '/api/home/code');
  const said = new Set<string>();
  // Through the door as far as it listens; the rest of the ten thousand are `codes.test.ts`.
  for (let i = 0; i < 40; i++) {
    const { body } = await over('/api/pair', {
      method: 'POST',
      body: { code: `GUESS${i}`, name: 'x' },
    });
    said.add(body.error.code);
  }
  expect([...said]).toEqual(['wrong-code', 'too-many']);
  expect((await here('GET', '/api/devices')).body.devices).toEqual([]);
  expect((await here('GET', '/api/plans')).status).toBe(200);
});

test('the plain page hands out the certificate, and has nothing else', async () => {
  const told = (await here('GET', '/api/home')).body;
  expect((await plain('/')).text.replace(/\s+/g, ' ')).toContain(told.fingerprint);
  expect((await plain('/authority.crt')).text).toContain('BEGIN CERTIFICATE');
  for (const path of [
    '/api/plans',
    '/api/health',
    '/authority.key',
    '/../keys/server.key',
    '/pair',
  ])
    expect((await plain(path)).status).toBe(404);
});

test('what is scanned names the page, the code and the signs; closed again, nobody is answered', async () => {
  const { pairing, fingerprint } = (await here('POST', '/api/home/code')).body;
  expect(pairing.address).toBe(
    `http://${AT}:${studio.port + 1}/#${pairing.code}.${fingerprint.replaceAll(' ', '')}`,
  );
  expect(pairing.scan).toHaveLength(pairing.scan[0].length);
  await trust();
  expect((await here('PUT', '/api/home', { open: false })).body).toMatchObject({ open: false });
  await expect(over('/api/health')).rejects.toThrow();
  expect((await here('PUT', '/api/home', { open: true })).body.fingerprint).toBe(fingerprint);
  expect((await over('/api/health')).status).toBe(200);
});

test('every page that listens is told of a change, but not the one that made it', async () => {
  const [phone, tablet] = [await paired(), await paired('Tablet')];
  const own = listen(phone, 'page-phone');
  const other = listen(tablet, 'page-tablet');
  await Promise.all([own.until('here'), other.until('here')]);
  const { body } = await over('/api/plans', {
    method: 'POST',
    cookie: phone,
    body: { plan: plan() },
    headers: { 'x-potter-page': 'page-phone' },
  });
  await here('PUT', `/api/plans/${body.id}`, { revision: 1, plan: plan('Renamed') });
  await other.until(`plans/${body.id}`);
  await own.until(`plans/${body.id}`);
  expect(other.text()).toContain('"about":"plans"');
  expect(own.text()).not.toContain('"about":"plans"}');
});

test('what is on the scale is told at once, to who comes later too, until the page leaves the table', async () => {
  const cookie = await paired();
  const table = { what: 'Quince and Slate: Beetroot', adds: 'PVA glue', readsG: 12.4, toGoG: 3.1 };
  await here('PUT', '/api/live/table', { page: 'page-table', table });
  const late = listen(cookie);
  await late.until('"readsG":12.4');
  await here('PUT', '/api/live/table', { page: 'page-table' });
  await late.until('{"kind":"table","from":"page-table"}');
  // A phone whose battery is gone says nothing; its stream ends.
  const dying = listen(cookie, 'page-table');
  await dying.until('here');
  await here('PUT', '/api/live/table', { page: 'page-table', table: { ...table, readsG: 77 } });
  await late.until('"readsG":77');
  const told = late.text().length;
  dying.leave();
  await late.until('{"kind":"table","from":"page-table"}', told);
  const later = listen(cookie, 'page-later');
  await later.until('here');
  expect(later.text()).not.toContain('12.4');
});

/** Listens as a page does. */
function listen(cookie: string, page = 'page-0001') {
  let text = '';
  let woken = () => {};
  const asked = request({
    host: AT,
    port: studio.port,
    path: `/api/live?page=${page}`,
    ca: trusted(),
    servername: '',
    agent: false,
    headers: { host: host(), cookie },
  });
  const ended = new Promise<string>((resolve) => {
    asked.on('response', (response) => {
      response.on('data', (part) => {
        text += String(part);
        woken();
      });
      response.on('end', () => resolve(text));
      response.on('error', () => resolve(text));
    });
    asked.on('error', () => resolve(text));
  });
  asked.end();
  return {
    ended,
    text: () => text,
    leave: () => asked.destroy(),
    until: async (words: string, from = 0) => {
      while (!text.includes(words, from)) await new Promise<void>((resolve) => (woken = resolve));
    },
  };
}
