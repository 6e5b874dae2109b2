// The table: pictures of a plan's moves from the open ready check, the frames of taking a photograph, and the run sheet as a PDF.
import { join } from 'node:path';
import { launch, openPage, PHONE, press, see, visit } from '../e2e/support/browser.mjs';
import { startStudio } from '../e2e/support/studio.mjs';
import { watchFrames } from './frames.mjs';
import { report } from './report.mjs';

const studio = await startStudio();
const browser = await launch();
const { plans } = await (await fetch(`${studio.url}/api/plans`)).json();

for (const title of ['Number 31', 'Quince and Slate', 'Number 27']) {
  const context = await browser.createBrowserContext();
  const page = await openPage(context, PHONE);
  const { id } = plans.find((plan) => plan.title === title);
  await visit(page, `${studio.url}/plans/${id}/pour`);
  const from = Date.now();
  await page.waitForFunction(() => document.body.innerText.includes('is kept on this device'), {
    timeout: 120_000,
    polling: 50,
  });
  report(`pictures of the moves, ${title}`, (Date.now() - from) / 1000, 's', '≤ 3');
  await context.close();
}

const page = await openPage(browser, PHONE);
const { id } = plans.find((plan) => plan.title === 'Quince and Slate');
await visit(page, `${studio.url}/plans/${id}/pour`);
await press(page, 'button', /^Begin/);
await see(page, 'timer', /left of/);
await page.waitForFunction(() => document.querySelector('[aria-label^="Now; press"] img'), {
  timeout: 60_000,
});
const frames = await watchFrames(page);
const [chooser] = await Promise.all([page.waitForFileChooser(), press(page, 'button', 'Picture')]);
await frames();
await chooser.accept([join(import.meta.dirname, '../docs/screenshots/cups-1280.png')]);
await see(page, 'img', /^Taken at/);
report('a photograph is taken, longest frame', (await frames()).at(-1), 'ms', '≤ 50');

await visit(page, `${studio.url}/plans/${id}/run-sheet`);
const session = await page.createCDPSession();
await session.send('Page.setDownloadBehavior', { behavior: 'deny' });
await page.evaluate(() => {
  globalThis.saved = new Promise((done) => {
    const create = URL.createObjectURL.bind(URL);
    URL.createObjectURL = (blob) => {
      done(performance.now());
      return create(blob);
    };
  });
});
await see(page, 'button', /PDF/);
const asked = await page.evaluate(() => performance.now());
await press(page, 'button', /PDF/);
const there = await page.evaluate(() => globalThis.saved);
report('the run sheet as a PDF', (there - asked) / 1000, 's', '≤ 2');
await browser.close();
await studio.stop();
