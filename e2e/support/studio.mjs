// A studio of its own for a test: the built server on a free port, with a database that goes when it stops.
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { copyFile, mkdtemp, rm } from 'node:fs/promises';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';

const root = join(import.meta.dirname, '../..');

export async function freePort() {
  const server = createServer().listen(0, '127.0.0.1');
  await once(server, 'listening');
  const { port } = server.address();
  await new Promise((resolve) => server.close(resolve));
  return port;
}

/** The demo's studio as it is filled for the first time, for all that want one of a run: a database to copy, where there is one. */
const FILLED = process.env.POTTER_FILLED;

/**
 * Starts the built server; `seed: false` leaves the studio empty, `home` opens it to the network at that address, `env` tells it more.
 */
export async function startStudio({ seed = true, port, home, env = {} } = {}) {
  const folder = await mkdtemp(join(tmpdir(), 'potter-'));
  const at = port ?? (await freePort());
  const homePort = home ? await freePort() : at + 1;
  const main = join(root, 'apps/server/dist/main.js');
  if (seed && FILLED) await copyFile(FILLED, join(folder, 'potter.db'));
  const start = async () => {
    const child = spawn(
      'node',
      ['--enable-source-maps', main, ...(home ? [`--home=${home}`] : [])],
      {
        env: {
          ...process.env,
          PORT: String(at),
          POTTER_HOME_PORT: String(homePort),
          POTTER_DB: pathToFileURL(join(folder, 'potter.db')).href,
          POTTER_KEYS: join(folder, 'keys'),
          POTTER_SEED: seed ? join(root, 'demo/orchard-ledger') : '',
          ...env,
        },
        stdio: ['ignore', 'pipe', 'inherit'],
      },
    );
    for await (const line of child.stdout) if (String(line).includes('Potter is at')) break;
    return child;
  };
  let child = await start();
  const halt = async () => {
    if (child.exitCode === null && child.signalCode === null) {
      child.kill('SIGTERM');
      await once(child, 'exit');
    }
  };
  return {
    url: `http://127.0.0.1:${at}`,
    /** Where devices of the network find it, and the plain page with its certificate. */
    homeUrl: `https://${home}:${homePort}`,
    trustUrl: `http://${home}:${homePort + 1}/`,
    pid: () => child.pid,
    /** Where its database is, as POTTER_DB names it. */
    db: pathToFileURL(join(folder, 'potter.db')).href,
    halt,
    resume: async () => {
      child = await start();
    },
    stop: async () => {
      await halt();
      await rm(folder, { recursive: true, force: true });
    },
  };
}

export const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

/** A plan of a studio by its title: its id, and its document as the studio has it. */
export async function planOf(studio, title) {
  const { plans } = await (await fetch(`${studio.url}/api/plans`)).json();
  const { id } = plans.find((p) => p.title === title);
  return {
    id,
    get: async () => (await (await fetch(`${studio.url}/api/plans/${id}`)).json()).plan,
  };
}

/** Asks until the answer is so, and returns it: what a page holds at once reaches the studio a moment later. */
export async function until(ask, is) {
  for (let i = 0; i < 200; i++) {
    const now = await ask();
    if (is(now)) return now;
    await pause(100);
  }
  throw new Error(`never so: ${is}`);
}

/** Waits until the studio holds a plan that is so, and returns it. */
export const kept = (plan, is) => until(plan.get, is);
