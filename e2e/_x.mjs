import { launch, openPage, visit, press, see, says, PHONE } from './support/browser.mjs';
import { startStudio, pause } from './support/studio.mjs';
const studio = await startStudio();
const browser = await launch();
const page = await openPage(browser, PHONE);
for (const name of process.argv.slice(2)) {
await visit(page, `${studio.url}/journal/piece-${name}`);
await press(page, 'button', 'What the picture says');
const t = Date.now(); await says(page, '% of the face', 60000).then(() => console.log(name, Date.now() - t)).catch(() => 0); await page.screenshot({ path: '/tmp/t/dbg.png' });
await pause(14000);
const h = await page.evaluate(() => { const s = [...document.querySelectorAll('div')].find((n) => n.scrollHeight > n.clientHeight + 300 && n.clientHeight > 300); return s.scrollHeight; });
await page.setViewport({ ...PHONE, height: Math.min(5200, h + 150) });
await pause(1500);
await page.screenshot({ path: `/tmp/t/s-${name}.png`, clip: { x: 0, y: 0, width: 390, height: 2600 } });
await page.setViewport(PHONE);
}
await browser.close(); await studio.stop();
