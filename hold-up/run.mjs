// Holds the studio up to what it promises (docs/trust.md): npm run hold-up [-- --for SECONDS] [--only WORD] [--fresh]
// Goes on where the last slice ended, and prints for each row what was tried, what survived and what was lost. --short is the form of npm test.
// Exit code 1 where anything was lost.
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { freePort } from '../e2e/support/studio.mjs';
import * as devices from './devices.mjs';
import * as files from './files.mjs';
import * as kills from './kills.mjs';
import * as load from './load.mjs';
import * as requests from './requests.mjs';
import * as twoServers from './two-servers.mjs';

const ROWS = [kills, requests, files, devices, twoServers, load];
const FILE = join(import.meta.dirname, 'done.json');
/** As many losses as are told in full. */
const MOST_TOLD = 20;

const { values } = parseArgs({
  options: {
    for: { type: 'string', default: '540' },
    only: { type: 'string', default: '' },
    fresh: { type: 'boolean', default: false },
    short: { type: 'boolean', default: false },
  },
});

const before = () => {
  try {
    return values.short ? {} : JSON.parse(readFileSync(FILE, 'utf8'));
  } catch {
    return {};
  }
};

const done = before();
const until = performance.now() + (values.short ? 3600 : Number(values.for)) * 1000;
const rows = ROWS.filter((r) => r.name.includes(values.only) && !(values.short && r.short === 0));
// Begun anew are the rows that are asked for; the others go on where they were.
if (values.fresh) for (const { name } of rows) delete done[name];
const told = [];
for (const row of rows) {
  const state = (done[row.name] ??= { n: 0, tried: 0, lost: 0 });
  const most = values.short ? row.short : row.whole;
  const port = await freePort();
  try {
    while (state.n < most && performance.now() < until) {
      const { tried, lost } = await row.once(state.n, port);
      state.n++;
      state.tried += tried;
      state.lost += lost.length;
      told.push(...lost);
      if (!values.short && state.n % 20 === 0) writeFileSync(FILE, JSON.stringify(done));
    }
  } finally {
    await row.end();
  }
  if (!values.short) writeFileSync(FILE, JSON.stringify(done));
}
for (const { name, whole, short, told: measured } of rows) {
  const { n, tried, lost } = done[name];
  const most = values.short ? short : whole;
  console.log(
    `${name}: ${n} of ${most} · tried ${tried} · survived ${tried - lost} · lost ${lost}`,
  );
  if (n > 0 && measured) console.log(`  ${measured()}`);
}
for (const line of told.slice(0, MOST_TOLD)) console.log(`  ${line}`);
process.exit(rows.some(({ name }) => done[name].lost > 0) ? 1 : 0);
