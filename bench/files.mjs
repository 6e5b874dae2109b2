// Large files on the phone: a 2 MB drawing and a table of 5,000 rows are read, taken over and shown; the longest the screen stood still.
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { downloads, launch, openPage, PHONE, press, says, visit } from '../e2e/support/browser.mjs';
import { startStudio } from '../e2e/support/studio.mjs';
import { report } from './report.mjs';

const studio = await startStudio();
const browser = await launch();
const folder = await mkdtemp(join(tmpdir(), 'potter-bench-'));
const page = await openPage(browser, PHONE);

/** The longest task on the page's own thread while something is done, ms. */
async function longest(act) {
  await page.evaluate(() => {
    globalThis.tasks_ = [];
    globalThis.watch_?.disconnect();
    globalThis.watch_ = new PerformanceObserver((list) =>
      globalThis.tasks_.push(...list.getEntries().map((e) => e.duration)),
    );
    globalThis.watch_.observe({ type: 'longtask' });
  });
  await act();
  await new Promise((resolve) => setTimeout(resolve, 500));
  return page.evaluate(() => Math.max(0, ...globalThis.tasks_));
}

async function hand(button, name, content) {
  const path = join(folder, name);
  await writeFile(path, content);
  const [chooser] = await Promise.all([page.waitForFileChooser(), press(page, 'button', button)]);
  return () => chooser.accept([path]);
}

const n = 115_000;
const points = Array.from({ length: n }, (_, i) => {
  const a = (i * 2 * Math.PI) / n;
  const r = 400 + 60 * Math.sin(9 * a);
  return `${(500 + r * Math.cos(a)).toFixed(4)},${(500 + r * Math.sin(a)).toFixed(4)}`;
});
const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="300mm" viewBox="0 0 1000 1000"><polygon points="${points.join(' ')}"/></svg>`;
await visit(page, `${studio.url}/plans/new`);
await press(page, 'radio', 'Drawing');
const give = await hand('Choose an SVG file', 'large.svg', svg);
report(
  `longest task, a drawing of ${(svg.length / 1e6).toFixed(1)} MB`,
  await longest(async () => {
    await give();
    await says(page, 'as the file says', 60000);
  }),
  'ms',
  '≤ 50',
);

const rows = Array.from(
  { length: 5000 },
  (_, i) =>
    `paint,Paint number ${i},p${i},#${(i * 3331).toString(16).padStart(6, '0').slice(-6)},opaque,soft,${i},250,9.5`,
);
const csv = ['kind,name,id,hex,opacity,body,stockMl,sizeMl,price', ...rows, ''].join('\r\n');
await visit(page, `${studio.url}/shelf`);
const table = await hand('Read a CSV table', 'large.csv', csv);
report(
  'longest task, a table of 5,000 rows read',
  await longest(async () => {
    await table();
    await says(page, '5000 new', 60000);
  }),
  'ms',
  '≤ 50',
);
report(
  'longest task, 5,000 rows taken over and shown',
  await longest(async () => {
    await press(page, 'button', 'Take it over');
    await says(page, '5000 put on the shelf', 60000);
  }),
  'ms',
  '≤ 50',
);

const { plans } = await (await fetch(`${studio.url}/api/plans`)).json();
await visit(page, `${studio.url}/plans/${plans[0].id}/loading`);
const saved = await downloads(page, folder);
const from = performance.now();
await press(page, 'button', 'Save as PDF');
await saved('-cups.pdf');
report('fill marks and labels as a PDF, from the press', performance.now() - from, 'ms', '≤ 2000');

await browser.close();
await studio.stop();
await rm(folder, { recursive: true, force: true });
