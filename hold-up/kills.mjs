// The server is killed at any moment: while it migrates, while it fills a new studio, while plans, pours and things are saved. Whatever it had
// acknowledged is there afterwards, and a studio that was being filled is full or empty, never half.
import { copyFile, mkdtemp, readdir, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { writeOldForm } from './old-form.mjs';
import { ask, chance, launch } from './server.mjs';

export const name = 'kills of the server';
export const whole = 1000;
export const short = 4;

/** Every so many kills one falls into the first start of a new studio. */
const FIRST_START = 4;
/** And one into the change of an older file's form. */
const MIGRATION = 5;
const WRITERS = 4;

let world;

async function begin(port) {
  const folder = await mkdtemp(join(tmpdir(), 'potter-kills-'));
  const server = launch(folder, port, { seed: true });
  const url = await server.ready;
  const { plans } = (await ask(url, '/api/plans')).answer;
  const records = [];
  for (const { id } of plans) records.push((await ask(url, `/api/plans/${id}`)).answer);
  const { items } = (await ask(url, '/api/shelf')).answer;
  await server.stop();
  const old = join(folder, 'old.db');
  const counts = await writeOldForm(join(folder, 'potter.db'), old);
  return {
    old,
    counts,
    folder,
    full: plans.length,
    records,
    paint: items.find((i) => i.kind === 'paint'),
  };
}

/** Kill number n; returns how many acknowledged things it tried to lose, and which were lost. */
export async function once(n, port) {
  world ??= await begin(port);
  const random = chance(n);
  if (n % FIRST_START === 0) return firstStart(random, port);
  if (n % MIGRATION === 1) return inMigration(random, port);
  return underLoad(n, random, port);
}

export async function end() {
  if (world) await rm(world.folder, { recursive: true, force: true });
}

async function firstStart(random, port) {
  const folder = await mkdtemp(join(tmpdir(), 'potter-first-'));
  const first = launch(folder, port, { seed: true });
  await new Promise((resolve) => setTimeout(resolve, 150 + random() * 900));
  await first.kill();
  const second = launch(folder, port);
  const url = await second.ready;
  const count = url && (await ask(url, '/api/plans')).answer?.plans.length;
  await second.kill();
  await rm(folder, { recursive: true, force: true });
  const lost = count === 0 || count === world.full ? [] : [`a first start left ${count} plans`];
  return { tried: 1, lost };
}

async function inMigration(random, port) {
  const folder = await mkdtemp(join(tmpdir(), 'potter-old-'));
  await copyFile(world.old, join(folder, 'potter.db'));
  const first = launch(folder, port);
  await new Promise((resolve) => setTimeout(resolve, 150 + random() * 900));
  await first.kill();
  const second = launch(folder, port);
  const url = await second.ready;
  const lost = [];
  const { plans, runs, shelf } = world.counts;
  if (!url) lost.push(`no start after a kill in a migration: ${second.said()}`);
  else {
    const there = [
      (await ask(url, '/api/plans')).answer?.count,
      (await ask(url, '/api/runs')).answer?.count,
      (await ask(url, '/api/shelf')).answer?.items.length,
    ];
    if (String(there) !== String([plans, runs, shelf]))
      lost.push(`a migration of ${[plans, runs, shelf]} left ${there}`);
    const copies = await readdir(join(folder, 'copies')).catch(() => []);
    if (!copies.some((name) => name.startsWith('before-')))
      lost.push(`no copy of before a migration, only ${copies}`);
  }
  await second.kill();
  await rm(folder, { recursive: true, force: true });
  return { tried: plans + runs + shelf, lost };
}

async function underLoad(n, random, port) {
  const { folder, records, paint } = world;
  const server = launch(folder, port);
  const url = await server.ready;
  if (!url) return { tried: 1, lost: [`the studio did not start again: ${server.said()}`] };
  const acknowledged = new Map();
  let going = true;
  const writers = Array.from({ length: WRITERS }, async (_, w) => {
    const record = records[w % records.length];
    let { revision, plan } = (await ask(url, `/api/plans/${record.id}`)).answer ?? record;
    for (let i = 0; going; i++) {
      const title = `kill ${n} save ${i}`;
      if (w < records.length) {
        const saved = await ask(url, `/api/plans/${record.id}`, 'PUT', {
          revision,
          plan: { ...plan, title },
        });
        if (saved.status !== 200) return;
        ({ revision } = saved.answer);
        acknowledged.set(`/api/plans/${record.id}`, { revision, title });
      } else await pause(5);
      const stockMl = Math.round(random() * 900);
      const id = `hold-${w}`;
      const item = { ...paint, paint: { ...paint.paint, id }, stockMl };
      const put = await ask(url, `/api/shelf/paint/${id}`, 'PUT', { now: item });
      if (put.status !== 200) return;
      acknowledged.set(id, { stockMl, at: i });
    }
  });
  await pause(50 + random() * 400);
  await server.kill();
  going = false;
  await Promise.all(writers);

  const again = launch(folder, port);
  const back = await again.ready;
  if (!back) return { tried: acknowledged.size, lost: [`no start after a kill: ${again.said()}`] };
  const lost = [];
  const { items } = (await ask(back, '/api/shelf')).answer ?? { items: [] };
  for (const [key, was] of acknowledged) {
    if (key.startsWith('/')) {
      const { answer } = await ask(back, key);
      // A save on its way when the kill came may have been made: never an older state.
      if (!answer || answer.revision < was.revision) lost.push(`${key} at ${was.revision}`);
      else if (answer.revision === was.revision && answer.plan.title !== was.title)
        lost.push(`${key}: ${was.title}`);
    } else if (!items.some((i) => i.kind === 'paint' && i.paint.id === key)) lost.push(key);
  }
  await again.kill();
  return { tried: acknowledged.size, lost };
}

const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
