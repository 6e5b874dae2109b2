import { launch, openPage, visit, press, see, says, PHONE } from './support/browser.mjs';
import { startStudio, pause } from './support/studio.mjs';
const studio = await startStudio();
const browser = await launch();
const page = await openPage(browser, PHONE);
const list = await (await fetch(`${studio.url}/api/pieces?sort=last`)).json();
const withPlan = [];
for (const p of list.pieces) { const one = await (await fetch(`${studio.url}/api/pieces/${p.id}`)).json(); if (one.photographs) withPlan.push([one.id, one.title, String(one.plan), String(one.run), one.technique, one.photographs.map((q) => q.state + (q.corners ? '+' : '-')).join()]); }
console.log(withPlan.map((w) => w.join(' | ')).join('\n'));
const id = process.argv[2] ?? withPlan[0][0];
const t = Date.now();
await visit(page, `${studio.url}/journal/${id}`);
const one = await (await fetch(`${studio.url}/api/pieces/${id}`)).json();
if (!one.photographs.some((p) => p.corners)) {
  await press(page, 'button', 'Square it up'); await says(page, 'These look like its corners'); await press(page, 'button', 'Keep the corners'); await says(page, 'Squared up;');
}
await press(page, 'button', 'What the picture says');
await says(page, '% of the face', 30000);
await pause(9000);
const h = await page.evaluate(() => { const s = [...document.querySelectorAll('div')].find((n) => n.scrollHeight > n.clientHeight + 300 && n.clientHeight > 300); return s.scrollHeight; });
await page.setViewport({ ...PHONE, height: Math.min(5200, h + 150) });
await pause(1500);
await page.screenshot({ path: '/tmp/t/says.png' });
console.log('h', h);
await browser.close(); await studio.stop();
