// Measures what the README states: npm run bench, or some of its parts: npm run bench -- ways.ts. Needs a build (npm run build). Says each figure beside its target; one that fails keeps none of the others back.
import { spawnSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildSync } from 'esbuild';

const PARTS = [
  'brief.ts',
  'colour.ts',
  'api.mjs',
  'first-screen.mjs',
  'home.mjs',
  'table.mjs',
  'rack.mjs',
  'pieces.mjs',
  'cards.mjs',
  'drag.mjs',
  'draw.mjs',
  'kernel.ts',
  'preview.mjs',
  'columns.ts',
  'ways.ts',
  'techniques.ts',
  'files.mjs',
  'scale.mjs',
];

const folder = mkdtempSync(join(tmpdir(), 'potter-bench-'));

/** How a part is run: what is written in TypeScript as one script, as a page has it; read file by file it would be a third slower. */
function commandOf(part) {
  if (!part.endsWith('.ts')) return ['npx', 'tsx', `bench/${part}`];
  const outfile = join(folder, part.replace('.ts', '.cjs'));
  buildSync({
    entryPoints: [`bench/${part}`],
    bundle: true,
    platform: 'node',
    format: 'cjs',
    outfile,
  });
  return ['node', outfile];
}

const only = process.argv.slice(2);
const failed = PARTS.filter((part) => only.length === 0 || only.includes(part)).filter((part) => {
  const [command, ...args] = commandOf(part);
  return spawnSync(command, args, { stdio: 'inherit' }).status !== 0;
});
if (failed.length > 0) {
  console.log(`failed: ${failed.join(', ')}`);
  process.exit(1);
}
