// Paints on the shelf: found, changed, added, taken off and put back.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import { PHONE, press, says, see, type, visit } from './support/browser.mjs';
import { startStudio, until } from './support/studio.mjs';

const studio = atStudio();

const items = async (kind) =>
  (await (await fetch(`${studio.url}/api/shelf`)).json()).items.filter((i) => i.kind === kind);
const paints = () => items('paint');

test('a paint is found, its cover corrected, and the chip follows', async () => {
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/shelf`);
  await type(page, 'Search', 'walnut');
  await press(page, 'link', 'Walnut');
  await see(page, 'textbox', 'Name');
  await press(page, 'radio', 'semi-opaque');
  await type(page, 'Left, mL', '95');
  await press(page, 'button', 'Save');
  await see(page, 'button', 'New paint');
  const walnut = await until(
    async () => (await paints()).find((e) => e.paint.id === 'walnut'),
    (paint) => paint.stockMl === 95,
  );
  assert.equal(walnut.paint.opacity, 'semi-opaque');
});

test('a new paint, and one taken off by mistake', async () => {
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/shelf/paint/new`);
  await type(page, 'Name', 'Medlar brown');
  await type(page, 'Colour when dry', '#6b4a2f');
  await press(page, 'button', 'Save');
  await says(page, 'Medlar brown');
  const medlar = async () => (await paints()).find((e) => e.paint.name === 'Medlar brown');
  await until(medlar, (paint) => paint?.paint.hex === '#6b4a2f');
  await press(page, 'link', 'Medlar brown');
  await press(page, 'button', 'Take it off the shelf');
  await says(page, 'Medlar brown is off the shelf.');
  await until(medlar, (paint) => paint === undefined);
  await press(page, 'button', 'Put it back');
  await page.waitForFunction(() => !document.body.innerText.includes('is off the shelf'));
  await until(medlar, (paint) => paint !== undefined);
});

test('an empty studio teaches what belongs where', async () => {
  const empty = await startStudio({ seed: false });
  const page = await studio.open(PHONE);
  for (const [screen, act] of [
    ['/bench', 'Tick the paints I own'],
    ['/plans', 'Make the first plan'],
    ['/shelf', 'Tick the paints I own'],
  ]) {
    await visit(page, empty.url + screen);
    await see(page, 'button', act);
  }
  await visit(page, `${empty.url}/plans/new`);
  await says(page, 'The shelf is empty');
  // Left before it goes: a page that listens would miss it.
  await page.goto('about:blank');
  await empty.stop();
});

test('a medium of one’s own is made, used in a plan, and the plan stays whole by itself', async () => {
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/shelf?kind=medium`);
  await press(page, 'button', 'New medium');
  await type(page, 'Name', 'Marrow Street blend');
  await press(page, 'button', '+ Ingredient');
  await press(page, 'button', 'Ingredient 3: Water');
  await press(page, 'radio', 'Gloss medium');
  await press(page, 'button', 'Save');
  await says(page, '3 ingredients by volume');
  const { plans } = await (await fetch(`${studio.url}/api/plans`)).json();
  await visit(page, `${studio.url}/plans/${plans[0].id}/mixes`);
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
});

test('units and words of the studio’s own hold everywhere', async () => {
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/settings`);
  await press(page, 'radio', 'inches');
  await press(page, 'radio', 'ounces');
  await press(page, 'radio', 'dark');
  await type(page, 'medium: a trace that stays 1 to 2 seconds, like thick soup', 'like yoghurt');
  await page.waitForFunction(() => document.documentElement.dataset.theme === 'dark');
  const { plans } = await (await fetch(`${studio.url}/api/plans`)).json();
  const round = plans.find((p) => p.title === 'Damson Moon');
  await visit(page, `${studio.url}/plans/${round.id}/surface`);
  assert.equal(await page.$eval('[aria-label="Size"]', (f) => f.value), '11.81 in round');
  await says(page, 'oz');
  await visit(page, `${studio.url}/plans/${round.id}/mixes`);
  await says(page, 'like yoghurt');
});
