// Every screen against WCAG 2.2 AA by an automated check: no fault of serious or critical grade, light and dark, phone and wide.
import assert from 'node:assert/strict';
import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import { after, before, test } from 'node:test';
import { launch, openPage, PHONE, press, see, WIDE } from './support/browser.mjs';
import { screensOf } from './support/screens.mjs';
import { startStudio } from './support/studio.mjs';

let studio;
let browser;
let axe;
before(async () => {
  studio = await startStudio();
  browser = await launch();
  axe = await readFile(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');
});
after(async () => {
  await browser.close();
  await studio.stop();
});

async function faults(page) {
  await page.evaluate(axe);
  const { violations } = await page.evaluate(() =>
    globalThis.axe.run(document, {
      runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'],
    }),
  );
  return violations
    .filter((v) => v.impact === 'serious' || v.impact === 'critical')
    .map(
      (v) =>
        `${v.id}: ${v.help}: ${v.nodes
          .slice(0, 3)
          .map((n) => n.html.slice(0, 160))
          .join(' | ')}`,
    );
}

for (const [name, viewport, dark] of [
  ['phone, light', PHONE, false],
  ['wide, dark', WIDE, true],
]) {
  test(name, async () => {
    const page = await openPage(browser, viewport, { dark });
    for (const screen of await screensOf(studio)) {
      await page.goto(studio.url + screen, { waitUntil: 'networkidle0' });
      assert.deepEqual(await faults(page), [], screen);
    }
    await page.browserContext().close();
  });
}

test('a run, an open layer and the keys', async () => {
  const page = await openPage(browser, WIDE);
  const { plans } = await (await fetch(`${studio.url}/api/plans`)).json();
  await page.goto(`${studio.url}/plans/${plans[0].id}/cups`, { waitUntil: 'networkidle0' });
  await page.keyboard.press('ArrowUp');
  await see(page, 'button', 'Move down');
  assert.deepEqual(await faults(page), [], 'layer');
  await page.keyboard.press('?');
  await see(page, 'button', 'Close');
  assert.deepEqual(await faults(page), [], 'keys');
  await page.goto(`${studio.url}/plans/${plans[0].id}/pour`, { waitUntil: 'networkidle0' });
  await press(page, 'button', /^Begin/);
  await see(page, 'timer', /left of/);
  assert.deepEqual(await faults(page), [], 'run');
  await page.browserContext().close();
});

test('with every section open', async () => {
  const page = await openPage(browser, PHONE);
  const { plans } = await (await fetch(`${studio.url}/api/plans`)).json();
  for (const screen of [
    '/trials',
    `/plans/${plans[0].id}/colours`,
    `/plans/${plans[0].id}/cups`,
    `/plans/${plans[0].id}/mixes`,
  ]) {
    await page.goto(studio.url + screen, { waitUntil: 'networkidle0' });
    // Sections stand behind their headings; what opens inside them has no heading.
    const shut = () =>
      page.$$('[role="button"][aria-expanded="false"]:has([role="heading"], h1, h2, h3)');
    for (let left = await shut(); left.length > 0; left = await shut()) {
      await left[0].scrollIntoView();
      await left[0].tap();
      await page.waitForFunction(
        (node) => node.getAttribute('aria-expanded') === 'true',
        { timeout: 5000 },
        left[0],
      );
    }
    assert.deepEqual(await faults(page), [], screen);
  }
  await page.browserContext().close();
});
