// Bad requests over every route: sound bodies of the demo studio with one part made odd, and bodies that are none. Each is refused in the one
// shape or done, none with a 5xx, none in over two seconds; and the studio can be read whole afterwards.
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ask, chance, launch } from './server.mjs';

export const name = 'bad requests';
export const whole = 10_000;
export const short = 300;

const SLOWEST_MS = 2000;
/** A pour is computed, on a thread of its own: seconds, and several times that while both cores do something else. */
const SLOWEST_POUR_MS = 20_000;

/** What a part is made: wrong kinds, numbers beyond what can be meant, texts that break readers, names of an object's own machinery. */
const ODD = [
  null,
  true,
  -1,
  0,
  1e-170,
  1e308,
  -0.5,
  2 ** 53,
  '',
  '\u0000',
  '=1+1',
  '../../etc/passwd',
  '9999-99-99',
  'x'.repeat(20_000),
  [],
  {},
  [[[[[[]]]]]],
  { __proto__: null, constructor: 1 },
  Array.from({ length: 3000 }, () => ({})),
];
const TEXTS = [
  '',
  '{',
  '[]',
  'null',
  '{"plan":',
  '[1e999]',
  `${'['.repeat(5000)}${']'.repeat(5000)}`,
];

let world;

async function begin(port) {
  const folder = await mkdtemp(join(tmpdir(), 'potter-requests-'));
  const server = launch(folder, port, { seed: true });
  const url = await server.ready;
  const get = async (path) => (await ask(url, path)).answer;
  const { plans } = await get('/api/plans');
  const record = await get(`/api/plans/${plans[0].id}`);
  const { items } = await get('/api/shelf');
  const { runs } = await get('/api/runs');
  const run = await get(`/api/runs/${runs[0].id}`);
  const settings = await get('/api/settings');
  const idOf = (i) => Object.values(i).find((part) => part?.id)?.id ?? i.id;
  const targets = [
    ['POST', '/api/plans', { plan: record.plan }],
    [
      'PUT',
      `/api/plans/${record.id}`,
      { revision: 1, plan: record.plan, save: 'save-000001', unanswered: ['save-000000'] },
    ],
    ['PUT', `/api/runs/${run.id}`, { now: run }],
    ['PUT', '/api/settings', { now: settings, was: { '/theme': ['light'] } }],
    ['PUT', `/api/runs/${run.id}`, { now: run, was: { '/note': [null], '/moves/0/note': [null] } }],
    ['POST', '/api/bin/paint/none/back', {}],
    ['POST', '/api/copies/none.db/back', {}],
    ['DELETE', '/api/pictures/unused', {}],
    ['POST', '/api/shelf', { items: items.slice(0, 20) }],
    ['POST', '/api/shelf/off', { items: items.slice(0, 2) }],
    ['POST', '/api/pours', { plan: record.plan, seed: 1, px: 16 }],
    ['POST', '/api/pair', { code: 'AAAA-AAAA', name: 'Phone' }],
    ['PUT', '/api/home', { open: false }],
    ['PUT', '/api/devices/none', { name: 'Phone', revoked: true }],
    [
      'PUT',
      '/api/live/table',
      { page: 'page-00000001', table: { what: 'a', adds: 'b', readsG: 1, toGoG: 2 } },
    ],
    ['PUT', '/api/reactions/hold-up1', { id: 'hold-up1', on: '2026-11-27', a: 'x', b: 'y' }],
    ...items.slice(0, 30).map((i) => ['PUT', `/api/shelf/${i.kind}/${idOf(i)}`, { now: i }]),
  ];
  const paths = [
    '/api/plans',
    '/api/runs',
    '/api/shelf',
    '/api/reactions',
    '/api/settings',
    '/api/copies',
    '/api/bin',
    '/api/pictures',
    '/api/devices',
    '/api/home',
    '/api/pair',
    '/api/plans/none/print',
  ];
  return { folder, server, url, targets, paths };
}

/** A copy of a value with one part made odd. */
function slipped(value, random) {
  const copy = structuredClone(value);
  let holder = copy;
  for (let depth = 0; depth < 12; depth++) {
    const keys = Object.keys(holder);
    if (keys.length === 0) return copy;
    const key = keys[Math.floor(random() * keys.length)];
    const inner = holder[key];
    if (typeof inner !== 'object' || inner === null || random() < 0.25) {
      if (random() < 0.15) delete holder[key];
      else holder[key] = ODD[Math.floor(random() * ODD.length)];
      return copy;
    }
    holder = inner;
  }
  return copy;
}

/** A request to an address that is none. */
function astray(url, path, body, pick) {
  const method = pick(['GET', 'PUT', 'DELETE', 'POST']);
  const end = encodeURIComponent(pick(['..', '%', '\u0000', 'x'.repeat(300)]));
  return ask(url, `${path}/${end}`, method, method === 'GET' ? undefined : body);
}

/** Request number n. */
export async function once(n, port) {
  world ??= await begin(port);
  const { url, targets, paths, server } = world;
  const random = chance(n);
  const pick = (list) => list[Math.floor(random() * list.length)];
  const [method, path, body] = pick(targets);
  const kind = random();
  const sent =
    kind < 0.8
      ? await ask(url, path, method, slipped(body, random))
      : kind < 0.9
        ? await ask(url, path, method, pick(TEXTS))
        : await astray(url, path, body, pick);
  const lost = [];
  const said = `${n}: ${method} ${path}${kind < 0.9 ? '' : ', astray'} → ${sent.status}`;
  if (sent.status === 0) lost.push(`${said}, no answer. ${server.said().slice(-300)}`);
  if (sent.status >= 500) lost.push(`${said} ${JSON.stringify(sent.answer)}`);
  if (sent.status >= 400 && typeof sent.answer?.error?.message !== 'string')
    lost.push(`${said}, not in the one shape`);
  if (sent.ms > (path === '/api/pours' ? SLOWEST_POUR_MS : SLOWEST_MS))
    lost.push(`${said} took ${Math.round(sent.ms)} ms`);
  // Whatever was let in can be read again.
  if (n % 50 === 0)
    for (const list of paths) {
      const { status, answer } = await ask(url, list);
      if (status !== 200 || answer.apart?.length > 0)
        lost.push(
          `${n}: ${list} → ${status} ${JSON.stringify(answer?.apart ?? answer)}`.slice(0, 300),
        );
    }
  return { tried: 1, lost };
}

export async function end() {
  if (!world) return;
  await world.server.stop();
  await rm(world.folder, { recursive: true, force: true });
}
