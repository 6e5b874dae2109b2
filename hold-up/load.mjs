// Two hundred requests a second over 2,000 plans and 3,000 paints, mixed: lists, single documents, saves of plans, paints and pours. Each is
// answered, none with a 5xx, none in over two seconds. The n-th trial is the n-th second.
import http from 'node:http';
import { readFile, mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ask, chance, launch } from './server.mjs';

export const name = 'load';
/** Seconds: half an hour, of which five minutes are the load and all of it the soak. */
export const whole = 1800;
export const short = 0;

const RATE = 200;
const PLANS = 2000;
const PAINTS = 3000;
const SLOWEST_MS = 2000;
/** Caches fill and code is compiled in the first minutes. */
const WARM_UP_S = 180;

/** What is asked for, by its share of the whole. */
const KINDS = [
  ['plans', 0.15],
  ['shelf', 0.05],
  ['runs', 0.05],
  ['plan', 0.4],
  ['save', 0.2],
  ['paint', 0.1],
  ['run', 0.05],
];

async function fill(port) {
  const folder = await mkdtemp(join(tmpdir(), 'potter-load-'));
  const server = launch(folder, port, { seed: true });
  const url = await server.ready;
  const list = (await ask(url, '/api/plans')).answer.plans;
  const bodies = [];
  for (const { id } of list) bodies.push((await ask(url, `/api/plans/${id}`)).answer.plan);
  const kept = [];
  for (let i = 0; i < PLANS; i++) {
    const plan = { ...bodies[i % bodies.length], title: `Plan ${i}` };
    const { id } = (await ask(url, '/api/plans', 'POST', { plan })).answer;
    kept.push({ id, revision: 1, plan });
  }
  const { items } = (await ask(url, '/api/shelf')).answer;
  const paint = items.find((i) => i.kind === 'paint');
  const shelf = Array.from({ length: PAINTS }, (_, i) => ({
    ...paint,
    paint: { ...paint.paint, id: `load-${i}`, name: `Load ${i}` },
    stockMl: 100,
  }));
  await ask(url, '/api/shelf', 'POST', { items: shelf });
  const { runs } = (await ask(url, '/api/runs')).answer;
  const run = (await ask(url, `/api/runs/${runs[0].id}`)).answer;
  return { folder, server, url, kept, shelf, run, agent: new http.Agent({ keepAlive: true }) };
}

/** One request over a connection that is kept, as a page does it: its status and how long it took, ms. */
function timed({ url, agent }, method, path, body) {
  return new Promise((resolve) => {
    const began = performance.now();
    const text = body && JSON.stringify(body);
    const request = http.request(
      url + path,
      { method, agent, headers: text ? { 'content-type': 'application/json' } : {} },
      (response) => {
        response.resume();
        response.on('end', () =>
          resolve({ status: response.statusCode, ms: performance.now() - began, method, path }),
        );
      },
    );
    request.on('error', () => resolve({ status: 0, ms: performance.now() - began, method, path }));
    request.end(text);
  });
}

function oneOf(world, random) {
  const { kept, shelf, run } = world;
  const pick = (list) => list[Math.floor(random() * list.length)];
  let share = random();
  const [kind] = KINDS.find(([, part]) => (share -= part) < 0) ?? KINDS[0];
  switch (kind) {
    case 'plans':
    case 'shelf':
    case 'runs':
      return timed(world, 'GET', `/api/${kind}`);
    case 'plan':
      return timed(world, 'GET', `/api/plans/${pick(kept).id}`);
    case 'save': {
      // One device waits for the answer to a save before it sends the next.
      const record = pick(kept.filter((r) => !r.saving));
      record.saving = true;
      return timed(world, 'PUT', `/api/plans/${record.id}`, {
        revision: record.revision++,
        plan: record.plan,
      }).finally(() => (record.saving = false));
    }
    case 'paint': {
      const item = { ...pick(shelf), stockMl: Math.round(random() * 500) };
      return timed(world, 'PUT', `/api/shelf/paint/${item.paint.id}`, { now: item });
    }
    default: {
      const id = `load-run-${Math.floor(random() * 3)}`;
      return timed(world, 'PUT', `/api/runs/${id}`, { now: { ...run, id } });
    }
  }
}

/** Resident memory of a process, MB. */
async function memoryMb(pid) {
  const status = await readFile(`/proc/${pid}/status`, 'utf8');
  return Number(/VmRSS:\s+(\d+) kB/.exec(status)[1]) / 1024;
}

let world;
const times = [];
/** Seconds since the load began, and the server's memory then, MB. */
const memory = [];

/** Second number n. */
export async function once(n, port) {
  world ??= await fill(port);
  const random = chance(n);
  const began = performance.now();
  const sent = [];
  while (sent.length < RATE) {
    const due = Math.min(RATE, Math.ceil(((performance.now() - began) / 1000) * RATE));
    while (sent.length < due) sent.push(oneOf(world, random));
    await new Promise((resolve) => setTimeout(resolve, 2));
  }
  const answers = await Promise.all(sent);
  for (const { ms } of answers) times.push(ms);
  world.began ??= performance.now();
  memory.push([(performance.now() - world.began) / 1000, await memoryMb(world.server.pid())]);
  const lost = answers
    .filter(({ status, ms }) => status === 0 || status >= 400 || ms > SLOWEST_MS)
    .map(
      ({ method, path, status, ms }) => `${n}: ${method} ${path} → ${status}, ${Math.round(ms)} ms`,
    );
  return { tried: RATE, lost };
}

export async function end() {
  if (!world) return;
  world.agent.destroy();
  await world.server.stop();
  await rm(world.folder, { recursive: true, force: true });
}

/** Megabytes a minute by which memory grew once the first minutes were over, as a line through it tells. */
function slopeMbPerMin() {
  const late = memory.filter(([s]) => s > WARM_UP_S);
  if (late.length < 2) return undefined;
  const mean = (i) => late.reduce((sum, at) => sum + at[i], 0) / late.length;
  const [s, mb] = [mean(0), mean(1)];
  const over = late.reduce((sum, at) => sum + (at[0] - s) * (at[1] - mb), 0);
  return (60 * over) / late.reduce((sum, at) => sum + (at[0] - s) ** 2, 0);
}

/** What was measured in this slice, in words. */
export function told() {
  const sorted = times.sort((a, b) => a - b);
  const at = (share) => sorted[Math.floor((sorted.length - 1) * share)]?.toFixed(1);
  const slope = slopeMbPerMin();
  return [
    `p50 ${at(0.5)} ms, p99 ${at(0.99)} ms, slowest ${at(1)} ms at ${RATE} a second`,
    `memory ${memory[0]?.[1].toFixed(0)} MB at first, ${memory.at(-1)?.[1].toFixed(0)} MB at last`,
    ...(slope === undefined
      ? []
      : [`${slope.toFixed(2)} MB a minute after the first ${WARM_UP_S / 60}`]),
  ].join('; ');
}
