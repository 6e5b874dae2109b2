// Paints on the shelf: found, changed, added, taken off and put back.
import assert from 'node:assert/strict';
import { after, before, test } from 'node:test';
import { launch, openPage, PHONE, press, says, see, type } from './support/browser.mjs';
import { startStudio } from './support/studio.mjs';

let studio;
let browser;
before(async () => {
  studio = await startStudio();
  browser = await launch();
});
after(async () => {
  await browser.close();
  await studio.stop();
});

const items = async (kind) =>
  (await (await fetch(`${studio.url}/api/shelf`)).json()).items.filter((i) => i.kind === kind);
const paints = () => items('paint');

test('a paint is found, its cover corrected, and the chip follows', async () => {
  const page = await openPage(browser, PHONE);
  await page.goto(`${studio.url}/shelf`, { waitUntil: 'networkidle0' });
  await type(page, 'Search', 'walnut');
  await press(page, 'link', 'Walnut');
  await see(page, 'textbox', 'Name');
  await press(page, 'radio', 'semi-opaque');
  await type(page, 'Left, mL', '95');
  await press(page, 'button', 'Save');
  await see(page, 'button', 'New paint');
  const walnut = (await paints()).find((e) => e.paint.id === 'walnut');
  assert.equal(walnut.paint.opacity, 'semi-opaque');
  assert.equal(walnut.stockMl, 95);
  assert.deepEqual(page.faults, []);
  await page.browserContext().close();
});

test('a new paint, and one taken off by mistake', async () => {
  const page = await openPage(browser, PHONE);
  await page.goto(`${studio.url}/shelf/paint/new`, { waitUntil: 'networkidle0' });
  await type(page, 'Name', 'Medlar brown');
  await type(page, 'Colour when dry', '#6b4a2f');
  await press(page, 'button', 'Save');
  await says(page, 'Medlar brown');
  assert.ok(
    (await paints()).some((e) => e.paint.name === 'Medlar brown' && e.paint.hex === '#6b4a2f'),
  );
  await press(page, 'link', 'Medlar brown');
  await press(page, 'button', 'Take it off the shelf');
  await says(page, 'Medlar brown is off the shelf.');
  assert.ok(!(await paints()).some((e) => e.paint.name === 'Medlar brown'));
  await press(page, 'button', 'Put it back');
  await page.waitForFunction(() => !document.body.innerText.includes('is off the shelf'));
  assert.ok((await paints()).some((e) => e.paint.name === 'Medlar brown'));
  assert.deepEqual(page.faults, []);
  await page.browserContext().close();
});

test('an empty studio teaches what belongs where', async () => {
  const empty = await startStudio({ seed: false });
  const page = await openPage(browser, PHONE);
  for (const [screen, act] of [
    ['/bench', 'Make a plan'],
    ['/plans', 'Make the first plan'],
    ['/shelf', 'Put a paint on'],
  ]) {
    await page.goto(empty.url + screen, { waitUntil: 'networkidle0' });
    await see(page, 'button', act);
  }
  await page.goto(`${empty.url}/plans/new`, { waitUntil: 'networkidle0' });
  await says(page, 'The shelf is empty');
  assert.deepEqual(page.faults, []);
  await page.browserContext().close();
  await empty.stop();
});

test('a medium of one’s own is made, used in a plan, and the plan stays whole by itself', async () => {
  const page = await openPage(browser, PHONE);
  await page.goto(`${studio.url}/shelf?kind=medium`, { waitUntil: 'networkidle0' });
  await press(page, 'button', 'New medium');
  await type(page, 'Name', 'Marrow Street blend');
  await press(page, 'button', '+ Ingredient');
  await press(page, 'button', 'Ingredient 3: Water');
  await press(page, 'radio', 'Gloss medium');
  await press(page, 'button', 'Save');
  await says(page, '3 ingredients by volume');
  const { plans } = await (await fetch(`${studio.url}/api/plans`)).json();
  await page.goto(`${studio.url}/plans/${plans[0].id}/mixes`, { waitUntil: 'networkidle0' });
  await press(page, 'button', /^Medium: /);
  await press(page, 'radio', 'Marrow Street blend');
  await says(page, 'of Marrow Street blend');
  for (let i = 0; i < 50; i++) {
    const { plan } = await (await fetch(`${studio.url}/api/plans/${plans[0].id}`)).json();
    if (plan.mediums?.some((m) => m.name === 'Marrow Street blend')) break;
    await new Promise((r) => setTimeout(r, 100));
  }
  const { plan } = await (await fetch(`${studio.url}/api/plans/${plans[0].id}`)).json();
  assert.equal(plan.mediums[0].of.length, 3);
  assert.deepEqual(page.faults, []);
  await page.browserContext().close();
});

test('units and words of the studio’s own hold everywhere', async () => {
  const page = await openPage(browser, PHONE);
  await page.goto(`${studio.url}/settings`, { waitUntil: 'networkidle0' });
  await press(page, 'radio', 'inches');
  await press(page, 'radio', 'ounces');
  await press(page, 'radio', 'dark');
  await type(page, 'medium: a trace that stays 1 to 2 seconds, like thick soup', 'like yoghurt');
  await page.waitForFunction(() => document.documentElement.dataset.theme === 'dark');
  const { plans } = await (await fetch(`${studio.url}/api/plans`)).json();
  const round = plans.find((p) => p.title === 'Damson Moon');
  await page.goto(`${studio.url}/plans/${round.id}/surface`, { waitUntil: 'networkidle0' });
  assert.equal(await page.$eval('[aria-label="Size"]', (f) => f.value), '11.81 in round');
  await says(page, 'oz');
  await page.goto(`${studio.url}/plans/${round.id}/mixes`, { waitUntil: 'networkidle0' });
  await says(page, 'like yoghurt');
  assert.deepEqual(page.faults, []);
  await page.browserContext().close();
});
