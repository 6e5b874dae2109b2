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


  const border = await of('Long Border, spring side');
  await visit(page, `${studio.url}/journal/${border.id}`);
  await press(page, 'button', 'Square it up');
  await says(page, 'These look like its corners');
  await press(page, 'button', 'Keep the corners');
  await says(page, 'Squared up; its light is');
  await press(page, 'radio', /^Dry,/).catch((e) => console.log(String(e)));
  await wait(500);
  await press(page, 'button', 'Square it up');
  await says(page, 'These look like its corners');
  await press(page, 'button', 'Keep the corners');
  await says(page, 'Squared up; its light is');
  await press(page, 'button', 'Side by side');
  await press(page, 'button', /^Left/);
  await wait(500);
  await shot('v1');
  await page.evaluate(() => [...document.querySelectorAll('[role=radiogroup][aria-label=Left] [role=radio]')].find((n) => /Dry/.test(n.innerText)).click());
  await wait(2500);
  await page.evaluate(() => [...document.querySelectorAll('[role=slider]')].at(-1)?.scrollIntoView({ block: 'center' }));
  await wait(300);
  await shot('v2');
  for (const [i, name] of ['Number 27, the first pair', 'Key tray, hall', 'Damson drift, low water'].entries()) {
    const one = await of(name);
    await visit(page, `${studio.url}/journal/${one.id}`);
    console.log(name, one?.id); await press(page, 'button', 'Square it up');
    await page.waitForFunction(() => /These look like|were not found/.test(document.body.innerText), { timeout: 30000 });
    await wait(400);
    await shot('v' + (3 + i));
  }
} catch (e) { console.log(e); await shot('vx'); }
await browser.close();
await studio.stop?.();
process.exit(0);
