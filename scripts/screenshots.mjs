// Makes docs/screenshots from the demo data: one current picture of each main view. Needs a build; Chromium as in e2e.
// npm run screenshots [-- FOLDER] writes them elsewhere.
import { mkdir } from 'node:fs/promises';
import { join, resolve } from 'node:path';
import { launch, openPage, PHONE, press, WIDE } from '../e2e/support/browser.mjs';
import { startStudio } from '../e2e/support/studio.mjs';

const folder = resolve(process.argv[2] ?? join(import.meta.dirname, '../docs/screenshots'));
await mkdir(folder, { recursive: true });
const studio = await startStudio();
const browser = await launch();
const plans = await (await fetch(`${studio.url}/api/plans`)).json();
const quince = plans.plans.find((p) => p.title === 'Quince and Slate').id;

const VIEWS = [
  { name: 'bench-390', at: '/bench', on: PHONE },
  { name: 'plans-390', at: '/plans', on: PHONE },
  { name: 'new-390', at: '/plans/new', on: PHONE },
  { name: 'surface-390', at: `/plans/${quince}/surface`, on: PHONE },
  { name: 'colours-390', at: `/plans/${quince}/colours`, on: PHONE },
  { name: 'mixes-390', at: `/plans/${quince}/mixes`, on: PHONE },
  { name: 'cups-390', at: `/plans/${quince}/cups`, on: PHONE },
  {
    name: 'layer-390',
    at: `/plans/${quince}/cups`,
    on: PHONE,
    then: (page) => press(page, 'button', 'Damson, high 15 cm, 47 g, up to 54 mm'),
  },
  { name: 'cups-dark-390', at: `/plans/${quince}/cups`, on: PHONE, dark: true },
  { name: 'shelf-390', at: '/shelf', on: PHONE },
  { name: 'paint-390', at: '/shelf/damson', on: PHONE },
  { name: 'cups-1280', at: `/plans/${quince}/cups`, on: WIDE },
  { name: 'plans-1280', at: '/plans', on: WIDE },
];

for (const { name, at, on, dark, then } of VIEWS) {
  const page = await openPage(browser, on, { dark });
  await page.goto(studio.url + at, { waitUntil: 'networkidle0' });
  await page.evaluate(() => document.fonts.ready);
  await then?.(page);
  await page.screenshot({ path: join(folder, `${name}.png`) });
  for (const fault of page.faults) console.error(`${name}: ${fault}`);
  await page.browserContext().close();
}
await browser.close();
await studio.stop();
