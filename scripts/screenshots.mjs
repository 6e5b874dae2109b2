// Makes docs/screenshots from the demo data: one current picture of each main view. Needs a build; Chromium as in e2e.
// npm run screenshots [-- FOLDER] writes them elsewhere.
import { mkdir } from 'node:fs/promises';
import { join, resolve } from 'node:path';
import {
  launch,
  openPage,
  PHONE,
  press,
  says,
  see,
  SHORT_LIVED,
  visit,
  WIDE,
} from '../e2e/support/browser.mjs';
import { startStudio } from '../e2e/support/studio.mjs';

const folder = resolve(process.argv[2] ?? join(import.meta.dirname, '../docs/screenshots'));
await mkdir(folder, { recursive: true });
const studio = await startStudio();
const browser = await launch({}, SHORT_LIVED);
const plans = await (await fetch(`${studio.url}/api/plans`)).json();
const quince = plans.plans.find((p) => p.title === 'Quince and Slate').id;

const QUINCE = `/plans/${quince}`;
const VIEWS = [
  { name: 'plans-390', at: '/plans' },
  { name: 'surface-390', at: `${QUINCE}/surface` },
  { name: 'colours-390', at: `${QUINCE}/colours` },
  { name: 'mixes-390', at: `${QUINCE}/mixes` },
  {
    name: 'weigh-390',
    at: `${QUINCE}/weigh`,
    then: (page) => press(page, 'button', 'The cup is on'),
  },
  {
    name: 'cups-1280',
    at: `${QUINCE}/cups`,
    on: WIDE,
    // What the preview tells comes after its picture.
    then: (page) => says(page, '% covered'),
  },
  { name: 'moves-390', at: `${QUINCE}/moves` },
  {
    name: 'preview-390',
    at: `${QUINCE}/preview`,
    then: (page) => says(page, '% covered'),
  },
  { name: 'order-1280', at: `${QUINCE}/order?cup=0`, on: WIDE },
  {
    name: 'technique-390',
    at: `${QUINCE}/technique`,
    then: async (page) => {
      await press(page, 'radio', 'Petals');
      await page.waitForFunction(
        () => document.querySelectorAll('[aria-label="Techniques"] canvas').length > 3,
        { timeout: 60000 },
      );
      await page.evaluate(() =>
        document.querySelector('[aria-label="Techniques"]').scrollIntoView(),
      );
    },
    small: true,
  },
  {
    name: 'choose-390',
    at: `${QUINCE}/choose`,
    then: async (page) => {
      await page.waitForFunction(
        () => document.querySelectorAll('[aria-label="Ways to decide it"] canvas').length > 7,
        { timeout: 60000 },
      );
      await press(page, 'button', 'As planned');
      await press(page, 'button', 'Turned upside down');
      await page.waitForFunction(
        () =>
          [...document.querySelectorAll('canvas[aria-label$=", large"]')].filter(
            (canvas) => canvas.width > 400,
          ).length === 2,
        { timeout: 60000 },
      );
      await page.evaluate(() => document.querySelector('h1').scrollIntoView());
    },
  },
  { name: 'finish-390', at: `${QUINCE}/finish` },
  { name: 'shelf-390', at: '/shelf' },
  { name: 'trials-390', at: '/trials' },
  { name: 'journal-390', at: '/journal' },
  {
    name: 'piece-390',
    at: '/journal/piece-moon-small',
    then: async (page) => {
      await see(page, 'heading', 'Damson Moon, small hours');
      await page.waitForFunction(
        () => document.querySelectorAll('[aria-label="Pictures"] img').length > 2,
      );
    },
    small: true,
  },
  {
    name: 'run-390',
    at: `${QUINCE}/pour`,
    then: async (page) => {
      await press(page, 'button', /^Begin/);
      await press(page, 'button', 'I have read it');
      // All three cups are out: there is something to see.
      for (const at of [2, 3, 4, 5]) {
        await press(page, 'button', 'Skip');
        await says(page, `${at} of 15`);
      }
      await see(page, 'timer', /left of/);
      await page.waitForFunction(() => document.querySelector('[aria-label^="Now; press"] img'), {
        timeout: 60000,
      });
    },
  },
  // Last, since by now a pour is under way.
  { name: 'bench-390', at: '/bench', then: (page) => says(page, 'running: ') },
  { name: 'rack-390', at: '/bench/rack' },
];

/** Waits until nothing is being computed any more, and a preview in sight, where there is one, is as fine as it gets. */
const pictured = (page) =>
  page.waitForFunction(
    () => {
      const canvas = document.querySelector('canvas');
      return (
        !document.querySelector('[role="progressbar"]') &&
        (!canvas || Math.max(canvas.width, canvas.height) >= 512)
      );
    },
    { timeout: 60000, polling: 200 },
  );

/** Waits until every photograph there is has come. */
const photographed = (page) =>
  page.waitForFunction(
    () => [...document.images].every((image) => image.complete && image.naturalWidth > 0),
    { timeout: 60000, polling: 200 },
  );

for (const { name, at, on = PHONE, dark, then, small } of VIEWS) {
  const page = await openPage(await browser.createBrowserContext(), on, { dark });
  await visit(page, studio.url + at);
  await page.evaluate(() => document.fonts.ready);
  // Small pictures are as fine as they get at once.
  if (!small) await pictured(page);
  await then?.(page);
  if (then && !small) await pictured(page);
  await photographed(page);
  // A press leaves its own mark for a moment.
  if (then) await new Promise((resolve) => setTimeout(resolve, 400));
  await page.screenshot({ path: join(folder, `${name}.png`) });
  for (const fault of page.faults) console.error(`${name}: ${fault}`);
  await page.browserContext().close();
}
await browser.close();
await studio.stop();
