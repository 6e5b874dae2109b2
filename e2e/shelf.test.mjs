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

const paints = async () => (await (await fetch(`${studio.url}/api/paints`)).json()).paints;

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
  await page.goto(`${studio.url}/shelf/new`, { waitUntil: 'networkidle0' });
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
    ['/shelf', 'Put the first paint on'],
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
