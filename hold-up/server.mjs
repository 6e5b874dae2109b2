// A studio to be treated badly: the built server on a folder that outlives it.
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';

const root = join(import.meta.dirname, '..');

/** Starts the server; `ready` resolves to its address, or to undefined where it ended before it was. */
export function launch(folder, port, { seed = false } = {}) {
  const child = spawn('node', [join(root, 'apps/server/dist/main.js')], {
    env: {
      ...process.env,
      PORT: String(port),
      POTTER_DB: pathToFileURL(join(folder, 'potter.db')).href,
      POTTER_SEED: seed ? join(root, 'demo/orchard-ledger') : '',
    },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let said = '';
  child.stderr.on('data', (part) => (said += part));
  const ended = once(child, 'exit');
  const ready = (async () => {
    for await (const line of child.stdout)
      if (String(line).includes('Potter is at')) return `http://127.0.0.1:${port}`;
    return undefined;
  })();
  return {
    pid: () => child.pid,
    ready,
    ended,
    said: () => said,
    kill: async () => {
      child.kill('SIGKILL');
      await ended;
    },
    stop: async () => {
      if (child.exitCode === null) child.kill('SIGTERM');
      await ended;
    },
  };
}

/** One request, with its status, its answer and how long it took, ms; status 0 where there was no answer. */
export async function ask(url, path, method = 'GET', body, headers) {
  const began = performance.now();
  try {
    const response = await fetch(url + path, {
      method,
      ...(body === undefined
        ? {}
        : {
            headers: { 'content-type': 'application/json', ...headers },
            body: typeof body === 'string' ? body : JSON.stringify(body),
          }),
    });
    const text = await response.text();
    let answer;
    try {
      answer = JSON.parse(text);
    } catch {
      answer = undefined;
    }
    return { status: response.status, answer, ms: performance.now() - began };
  } catch {
    return { status: 0, answer: undefined, ms: performance.now() - began };
  }
}

/** Chance that can be had again: mulberry32. */
export function chance(seed) {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) | 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}
