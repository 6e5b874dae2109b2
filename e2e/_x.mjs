import { launch, openPage, PHONE, press, visit } from './support/browser.mjs';
import { startStudio } from './support/studio.mjs';
const studio = await startStudio();
const browser = await launch();
const { plans } = await (await fetch(`${studio.url}/api/plans`)).json();
const quince = plans.find((p) => p.title === (process.argv[2] ?? 'Quince and Slate'));
const page = await openPage(browser, PHONE);
await visit(page, `${studio.url}/plans/${quince.id}/preview`);
const finished = () => page.waitForFunction(() => [...document.querySelectorAll('canvas')].some((c) => Math.max(c.width, c.height) >= 512) && !document.querySelector('[role="progressbar"]'), { timeout: 120000, polling: 50 });
await finished();
let zero = 0;
page.on('console', (m) => { const t = m.text(); if (!t.startsWith('T ')) return; const parts = t.split(' ').map((w) => Number(w) > 1e12 ? (Number(w) - zero).toFixed(0) + ' ms' : w); console.log(parts.join(' ')); });
for (let i = 0; i < 3; i++) { console.log('---'); zero = await page.evaluate(() => performance.timeOrigin + performance.now()); await press(page, 'button', 'Next seed'); await new Promise((r) => setTimeout(r, 300)); await finished(); await new Promise((r) => setTimeout(r, 500)); }
await browser.close();
await studio.stop();
