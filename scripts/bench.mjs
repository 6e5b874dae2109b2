// Measures what the README states: npm run bench. Needs a build (npm run build). Says each figure beside its target; one that fails keeps none of the others back.
import { spawnSync } from 'node:child_process';

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

const failed = PARTS.filter(
  (part) => spawnSync('npx', ['tsx', `bench/${part}`], { stdio: 'inherit' }).status !== 0,
);
if (failed.length > 0) {
  console.log(`failed: ${failed.join(', ')}`);
  process.exit(1);
}
