import { startStudio, planOf } from './support/studio.mjs';
import { launch, openPage, visit, press, see, says, settled, PHONE, reload, WIDE } from './support/browser.mjs';
import { writeFile, mkdtemp } from 'node:fs/promises';
import { join } from 'node:path';
const studio = await startStudio();
const browser = await launch();
const page = await openPage(browser, { ...PHONE });
const ask = async (path) => (await fetch(`${studio.url}/api/${path}`)).json();
const { pieces } = await ask('pieces');
const shot = (n) => page.screenshot({ path: `/tmp/t/${n}.png` });
const wait = (ms) => new Promise((r) => setTimeout(r, ms));
async function choose(button, file) {
  const [chooser] = await Promise.all([page.waitForFileChooser(), press(page, 'button', button)]);
  await chooser.accept([file]);
}
console.log(pieces.map((p) => [p.id, p.title, p.photographs?.length]).join('\n'));
const of = async (t) => (await ask(`pieces?search=${encodeURIComponent(t)}`)).pieces.find((p) => p.title === t);
try {



  for (const [i, name] of ['Number 27, the first pair', 'Number 31, proof', 'Clock face, trial', 'Walnut rings, autumn'].entries()) {
    const one = await of(name);
    await visit(page, `${studio.url}/journal/${one.id}`);
    await wait(300);
    const at = await page.evaluate(() => /Square it up/.test(document.body.innerText));
    if (at) await press(page, 'button', 'Square it up');
    else { await press(page, 'button', 'Squared up'); await press(page, 'button', 'Its corners'); await press(page, 'button', 'Find them'); }
    await page.waitForFunction(() => /These look like|were not found/.test(document.body.innerText), { timeout: 30000 });
    await wait(400);
    await shot('v' + (1 + i));
  }
} catch (e) { console.log(e); await shot('vx'); }
await browser.close();
await studio.stop?.();
process.exit(0);
