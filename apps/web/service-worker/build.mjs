// Bundles the service worker with the list of everything it keeps. Files whose name carries a digest never change; of the others the content's own
// digest tells.
import { createHash } from 'node:crypto';
import { readdir, readFile, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { build } from 'esbuild';

const KEPT = /\.(js|css|html|webmanifest|ttf|wasm|png)$/;
const DIGESTED = /^(_expo\/static|assets)\//;

/** @param {string} dist folder of the exported application */
export async function buildServiceWorker(dist) {
  const names = (await readdir(dist, { recursive: true }))
    .map((name) => name.replaceAll('\\', '/'))
    .filter((name) => KEPT.test(name) && name !== 'service-worker.js')
    .sort();
  const manifest = [];
  for (const name of names) {
    const file = join(dist, name);
    if (!(await stat(file)).isFile()) continue;
    const revision = DIGESTED.test(name)
      ? null
      : createHash('sha256')
          .update(await readFile(file))
          .digest('hex')
          .slice(0, 16);
    // As a browser writes it in a request.
    manifest.push({ url: new URL(`/${name}`, 'http://127.0.0.1').pathname, revision });
  }
  await build({
    entryPoints: [join(import.meta.dirname, 'service-worker.ts')],
    outfile: join(dist, 'service-worker.js'),
    bundle: true,
    minify: true,
    format: 'iife',
    target: 'es2022',
    define: {
      'process.env.NODE_ENV': '"production"',
      MANIFEST: JSON.stringify(manifest),
    },
  });
}
