// Two servers on one file: the second ends with a plain word, the first goes on; of two that start at once exactly one stays; one that was killed
// hands the file to the next.
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort } from '../e2e/support/studio.mjs';
import { ask, launch } from './server.mjs';

export const name = 'two servers on one file';
export const whole = 60;
export const short = 2;

let folder;

export async function once(n, port) {
  folder ??= await mkdtemp(join(tmpdir(), 'potter-two-'));
  const other = await freePort();
  const lost = [];
  const first = launch(folder, port, { seed: true });
  // Every other time both start at once.
  const url = n % 2 === 0 ? await first.ready : undefined;
  const second = launch(folder, other, { seed: true });
  const ready = [url ?? (await first.ready), await second.ready];
  const up = ready.filter((address) => address !== undefined);
  if (up.length !== 1) lost.push(`${n}: ${up.length} of two servers stayed`);
  const [loser] = ready[0] === undefined ? [first] : [second];
  if (up.length === 1 && !/is open in another program \(number \d+\)/.test(loser.said()))
    lost.push(`${n}: the one that ended said: ${loser.said().slice(0, 300)}`);
  if (up[0]) {
    const { status, answer } = await ask(up[0], '/api/plans');
    if (status !== 200 || answer.count < 4)
      lost.push(`${n}: the one that stayed answered ${status}`);
  }
  // Ended in order or killed, the next has the file.
  for (const server of [first, second]) await (n % 3 === 0 ? server.kill() : server.stop());
  const next = launch(folder, port);
  if ((await next.ready) === undefined) lost.push(`${n}: no start afterwards: ${next.said()}`);
  await next.stop();
  return { tried: 3, lost };
}

export async function end() {
  if (folder) await rm(folder, { recursive: true, force: true });
}
