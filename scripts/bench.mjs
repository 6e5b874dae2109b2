// Measures what the README states: npm run bench. Needs a build (npm run build). Says each figure beside its target.
import { run } from './setup.mjs';

run('npx', ['tsx', 'bench/brief.ts']);
run('npx', ['tsx', 'bench/colour.ts']);
run('node', ['bench/api.mjs']);
run('node', ['bench/first-screen.mjs']);
run('node', ['bench/home.mjs']);
run('node', ['bench/table.mjs']);
run('npx', ['tsx', 'bench/rack.mjs']);
run('node', ['bench/pieces.mjs']);
run('node', ['bench/cards.mjs']);
run('npx', ['tsx', 'bench/drag.mjs']);
run('npx', ['tsx', 'bench/draw.mjs']);
run('npx', ['tsx', 'bench/kernel.ts']);
run('node', ['bench/preview.mjs']);
run('npx', ['tsx', 'bench/columns.ts']);
run('node', ['bench/files.mjs']);
run('node', ['bench/scale.mjs']);
