// What opens over or within a screen, against WCAG 2.2 AA by an automated check. The screens themselves are in `screens.test.mjs`.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import { axeFaults } from './support/axe.mjs';
import { PHONE, press, see, visit, WIDE } from './support/browser.mjs';

const studio = atStudio();
test('a run, an open layer and the keys', async () => {
  const page = await studio.open(WIDE);
  const { plans } = await (await fetch(`${studio.url}/api/plans`)).json();
  await visit(page, `${studio.url}/plans/${plans[0].id}/cups`);
  await page.keyboard.press('ArrowUp');
  await see(page, 'button', 'Move down');
  assert.deepEqual(await axeFaults(page), [], 'layer');
  await page.keyboard.press('?');
  await see(page, 'button', 'Close');
  assert.deepEqual(await axeFaults(page), [], 'keys');
  await visit(page, `${studio.url}/plans/${plans[0].id}/pour`);
  await press(page, 'button', /^Begin/);
  await see(page, 'timer', /left of/);
  assert.deepEqual(await axeFaults(page), [], 'run');
});

test('with every section open', async () => {
  const page = await studio.open(PHONE);
  const { plans } = await (await fetch(`${studio.url}/api/plans`)).json();
  for (const screen of [
    '/trials',
    `/plans/${plans[0].id}/colours`,
    `/plans/${plans[0].id}/cups`,
    `/plans/${plans[0].id}/mixes`,
  ]) {
    await visit(page, studio.url + screen);
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
    assert.deepEqual(await axeFaults(page), [], screen);
  }
});
