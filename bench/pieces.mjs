// A journal of 2,000 pieces: how soon it opens, is searched and scrolls on the phone; a photograph of twelve megapixels kept, squared up, read and cut.
import { mkdtemp } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { launch, openPage, PHONE, press, says, visit } from '../e2e/support/browser.mjs';
import { pause, startStudio } from '../e2e/support/studio.mjs';
import { report } from './report.mjs';

const COUNT = 2000;
const DAY_MS = 86_400_000;
const studio = await startStudio();
const { pieces: told } = await (await fetch(`${studio.url}/api/pieces/file`)).json();
const pieces = Array.from({ length: COUNT - told.length }, (_, i) => ({
  ...told[i % told.length],
  id: `bench-piece-${i}`,
  title: `${told[i % told.length].title} ${i + 1}`,
  madeAt: Date.now() - i * DAY_MS,
}));
const taken = await fetch(`${studio.url}/api/pieces/file`, {
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify({ pieces }),
});
if (!taken.ok) throw new Error(await taken.text());

const browser = await launch();
const page = await openPage(browser, PHONE);
await visit(page, `${studio.url}/bench`);
const opens = await page.evaluate(
  () =>
    new Promise((done) => {
      const at = performance.now();
      const look = () => {
        if (document.querySelectorAll('a[href^="/journal/"]').length > 6)
          done(performance.now() - at);
        else requestAnimationFrame(look);
      };
      document.querySelector('a[href="/journal"]').click();
      look();
    }),
);
report(`a journal of ${COUNT} pieces opens, its first screen`, opens, 'ms', '≤ 500');

const searches = [];
for (const words of ['bloom 77', 'walnut sold', 'brown', 'clock 13 face', 'late light 300']) {
  const from = performance.now();
  const answer = await fetch(`${studio.url}/api/pieces?search=${encodeURIComponent(words)}`);
  await answer.json();
  searches.push(performance.now() - from);
}
report('a search of them is answered', searches.sort((a, b) => a - b)[2], 'ms', '≤ 100');
await pause(500);

const frames = await page.evaluate(
  () =>
    new Promise((done) => {
      const scroll = [...document.querySelectorAll('div')].find(
        (node) => node.scrollHeight > node.clientHeight + 500 && node.clientHeight > 300,
      );
      const times = [];
      let last = performance.now();
      const step = () => {
        const now = performance.now();
        times.push(now - last);
        last = now;
        scroll.scrollTop += 40;
        if (times.length < 120) requestAnimationFrame(step);
        else done(times.slice(5));
      };
      requestAnimationFrame(step);
    }),
);
report(
  'frames of a scroll through it within 20 ms',
  (100 * frames.filter((ms) => ms <= 20).length) / frames.length,
  '%',
  '≥ 95',
);

// Of twelve megapixels, as a phone takes it: a demo photograph made so large.
const file = join(await mkdtemp(join(tmpdir(), 'potter-')), 'photograph.jpg');
await sharp('demo/orchard-ledger/photographs/quince-first-dry.jpg')
  .resize(4000, 3000)
  .jpeg({ quality: 90 })
  .toFile(file);
await visit(page, `${studio.url}/journal/piece-quince-first`);
await page.evaluate(() => {
  globalThis.longTasks = [];
  new PerformanceObserver((list) =>
    globalThis.longTasks.push(...list.getEntries().map(({ duration }) => duration)),
  ).observe({ type: 'longtask' });
});
const [chooser] = await Promise.all([
  page.waitForFileChooser(),
  press(page, 'button', 'Choose some'),
]);
const from = performance.now();
await chooser.accept([file]);
await page.waitForFunction(
  () => document.querySelectorAll('[aria-label="Pictures"] [role="radio"]').length === 3,
  { polling: 20 },
);
await press(page, 'button', 'Square it up');
await says(page, 'These look like its corners');
await press(page, 'button', 'Keep the corners');
await says(page, 'Squared up; its light');
report(
  '12 megapixels kept, its corners found, squared up',
  performance.now() - from,
  'ms',
  '≤ 3000',
);
const read = performance.now();
await press(page, 'button', 'What the picture says');
await page.waitForSelector('[role="table"]');
report('12 megapixels read against the plan', performance.now() - read, 'ms', '≤ 5000');
await press(page, 'button', 'What the picture says');
await press(page, 'button', 'Cut out of it');
const cut = performance.now();
await press(page, 'button', 'Find the best cuts');
await page.waitForSelector('[role="list"][aria-label="Cuts"]');
report('the best cuts of 50 × 40 cm', performance.now() - cut, 'ms', '≤ 2000 for 30 × 40');
const longest = await page.evaluate(() => Math.max(0, ...globalThis.longTasks));
report('longest task of the page meanwhile', longest, 'ms', '≤ 50');
await browser.close();
await studio.stop();
