// A whole plan by the keyboard alone on a wide screen: no mouse, no touch.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import { says, tabTo, visit, WIDE } from './support/browser.mjs';

const studio = atStudio();

test('new plan, size, shares, a layer moved and made larger, undo, a run', async () => {
  const page = await studio.open(WIDE);
  const { keyboard } = page;
  await visit(page, `${studio.url}/plans`);
  await tabTo(page, 'New plan');
  await keyboard.press('Enter');
  await says(page, 'One to twelve');
  await tabTo(page, 'Size');
  await keyboard.down('Control');
  await keyboard.press('a');
  await keyboard.up('Control');
  await keyboard.type('30 cm round');
  for (const paint of ['Oat milk', 'Slate', 'Walnut']) {
    await tabTo(page, paint);
    await keyboard.press('Space');
  }
  await tabTo(page, 'Write the plan');
  await keyboard.press('Enter');
  await page.waitForFunction(() => location.pathname.endsWith('/colours'));
  const id = /plans\/([^/]+)/.exec(page.url())[1];
  const plan = async () => (await (await fetch(`${studio.url}/api/plans/${id}`)).json()).plan;
  const until = async (done) => {
    for (let i = 0; i < 60; i++) {
      const p = await plan();
      if (done(p)) return p;
      await new Promise((r) => setTimeout(r, 100));
    }
    throw new Error('the studio never got the change');
  };

  await tabTo(page, 'Border of Oat milk and Slate');
  for (let i = 0; i < 5; i++) await keyboard.press('ArrowRight');
  await until((p) => Math.abs(p.budget.shares[0].share - 0.3833) < 0.002);

  await page.evaluate(() => document.activeElement.blur());
  await keyboard.press('4');
  await says(page, 'What leaves the cup');
  // The station listens to keys once it stands.
  await page.waitForNetworkIdle();
  const before = (await plan()).cups[0].layers.map((l) => l.mix);
  await keyboard.press('ArrowUp');
  await says(page, 'Parts of its pot');
  await keyboard.down('Alt');
  await keyboard.press('ArrowDown');
  await keyboard.up('Alt');
  const moved = await until(
    (p) => p.cups[0].layers.at(-1).mix !== before.at(-1) || p.cups[0].layers.at(-1).parts !== 1,
  );
  assert.deepEqual(
    moved.cups[0].layers.map((l) => l.mix),
    [...before.slice(0, -2), before.at(-1), before.at(-2)],
  );
  await keyboard.press(']');
  await until((p) => p.cups[0].layers.at(-2).parts === 1.1);
  await keyboard.press('d');
  await until((p) => p.cups[0].layers.length === before.length + 1);
  for (let i = 0; i < 3; i++) {
    await keyboard.down('Control');
    await keyboard.press('z');
    await keyboard.up('Control');
  }
  await until((p) => JSON.stringify(p.cups[0].layers.map((l) => l.mix)) === JSON.stringify(before));

  await keyboard.press('7');
  await says(page, 'Ready?');
  await tabTo(page, 'Gloves on.');
  await keyboard.press('Space');
  const begin = await page.evaluate(() =>
    [...document.querySelectorAll('[role="button"]')]
      .map((b) => b.getAttribute('aria-label'))
      .find((n) => n?.startsWith('Begin')),
  );
  await tabTo(page, begin);
  await keyboard.press('Enter');
  await says(page, '1 of ');
});
