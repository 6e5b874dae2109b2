// Exports the application for the web, makes its scripts small, bundles its service worker, and writes each text file's compressed twins beside it.
import { spawnSync } from 'node:child_process';
import { readdir, readFile, writeFile } from 'node:fs/promises';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';
import { minify } from '@swc/core';
import { buildServiceWorker } from './service-worker/build.mjs';

const env = {
  ...process.env,
  EXPO_OFFLINE: '1',
  EXPO_NO_TELEMETRY: '1',
  EXPO_UNSTABLE_HEADLESS: '1',
  CI: '1',
};
// Told to be in CI it would use one processor.
const workers = String(availableParallelism());
const exported = spawnSync(
  'npx',
  ['expo', 'export', '-p', 'web', '--no-minify', '--output-dir', 'dist', '--max-workers', workers],
  {
    stdio: 'inherit',
    env,
  },
);
if (exported.status !== 0) process.exit(exported.status ?? 1);

const dist = join(import.meta.dirname, 'dist');

/** The bundler would make each module small by itself: whole scripts take a tenth of the time and come out smaller. */
const scripts = join(dist, '_expo/static/js/web');
async function makeSmall(file) {
  const { code } = await minify(await readFile(file, 'utf8'), {
    module: false,
    compress: true,
    mangle: true,
    format: { comments: false },
  });
  await writeFile(file, code);
}
await Promise.all((await readdir(scripts)).map((name) => makeSmall(join(scripts, name))));

/** What a home screen takes the application by; fetched with what the device carries, as all else. */
const ON_THE_HOME_SCREEN = `<link rel="manifest" href="/manifest.webmanifest" crossorigin="use-credentials"/>
<link rel="apple-touch-icon" href="/icons/icon-180.png"/>
<meta name="theme-color" content="#161616"/>
`;
const index = join(dist, 'index.html');
const html = await readFile(index, 'utf8');
await writeFile(index, html.replace('</head>', `${ON_THE_HOME_SCREEN}</head>`));

await buildServiceWorker(dist);
const files = await readdir(dist, { recursive: true });
/** A text file's compressed twins. */
async function compress(file) {
  const content = await readFile(file);
  const [gz, br] = await Promise.all([
    promisify(gzip)(content, { level: 9 }),
    promisify(brotliCompress)(content, { params: { [constants.BROTLI_PARAM_QUALITY]: 9 } }),
  ]);
  await Promise.all([writeFile(`${file}.gz`, gz), writeFile(`${file}.br`, br)]);
}
await Promise.all(
  files
    .filter((name) => /\.(js|css|html|json|webmanifest|svg|ttf|wasm)$/.test(name))
    .map((name) => compress(join(dist, name))),
);
