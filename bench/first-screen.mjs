// What the first screen costs: the script it loads, compressed, and when its title can be read.
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { launch, openPage, PHONE, settled } from '../e2e/support/browser.mjs';
import { startStudio } from '../e2e/support/studio.mjs';
import { median, report } from './report.mjs';

const dist = join(import.meta.dirname, '../apps/web/dist');
const studio = await startStudio();
const browser = await launch();
const times = [];
let bytes = 0;
for (let i = 0; i < 5; i++) {
  // Each a device that has never been there.
  const context = await browser.createBrowserContext();
  const page = await openPage(context, PHONE);
  const scripts = [];
  page.on(
    'request',
    (r) => r.resourceType() === 'script' && scripts.push(new URL(r.url()).pathname),
  );
  const from = performance.now();
  await page.goto(`${studio.url}/plans`, { waitUntil: 'domcontentloaded' });
  await page.waitForSelector('h1');
  times.push((performance.now() - from) / 1000);
  await settled(page);
  const sizes = await Promise.all(
    scripts.map(async (path) => gzipSync(await readFile(join(dist, path))).length),
  );
  bytes = sizes.reduce((a, b) => a + b, 0);
  await context.close();
}
await browser.close();
await studio.stop();
report('first screen, its script in gzip', bytes / 1024, 'kB', '≤ 400');
report('first screen, title visible (median of 5, 390 × 844)', median(times), 's', '≤ 1.5');
