// Runs a command of this folder, its files read as one: npm run brief, plan, pour. Hundreds of files taken one by one would make it wait for seconds.
import { mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'esbuild';

const name = process.argv.splice(2, 1)[0];
const root = join(import.meta.dirname, '..');
/** Where packages are found from. */
const folder = join(root, 'node_modules/.commands');
mkdirSync(folder, { recursive: true });
const file = join(folder, `${name}-${process.pid}.mjs`);
process.on('exit', () => rmSync(file, { force: true }));
await build({
  entryPoints: [join(import.meta.dirname, `${name}.ts`)],
  outfile: file,
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  // Packages in CommonJS ask for Node's own parts.
  banner: {
    js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);",
  },
});
await import(pathToFileURL(file).href);
