// Choosing by picture: nine ways a plan may turn out, one decision looked at and taken, and cells told beside the preview.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import { PHONE, press, says, see, visit } from './support/browser.mjs';
import { kept, planOf } from './support/studio.mjs';
import { inFull } from './support/full.mjs';

const studio = atStudio();

test('nine ways a plan may turn out: each opens, every figure has its range', inFull, async () => {
  const plan = await planOf(studio, 'Kale and Walnut tiles');
  const before = await plan.get();
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/plans/${plan.id}/preview`);
  // The ranges stand beside the figures they are of; the same nine are there at once as pictures.
  await press(page, 'button', 'How far figures range');
  await says(page, 'Four of five pours lie between', 60000);
  await press(page, 'button', 'Ways it may turn out');
  await says(page, 'Four of five pours lie between');
  await press(page, 'button', 'Open way 3');
  await see(page, 'img', /^Way 3 of .*, large$/);
  const ranges = await page.$$eval(
    '[role="list"][aria-label="How far figures range"] [role="listitem"]',
    (all) => all.map((item) => item.getAttribute('aria-label')),
  );
  const off = ranges.find((says) => says.startsWith('Runs off'));
  const [middle, least, most] = off.match(/[\d.]+/g).map(Number);
  assert.ok(least < most && least <= middle && middle <= most, off);
  assert.deepEqual(await plan.get(), before);
  await page.close();
});

test('an amount is decided by looking at two side by side, taken, and undone', async () => {
  const plan = await planOf(studio, 'Kale and Walnut tiles');
  const before = await plan.get();
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/plans/${plan.id}/choose`);
  await press(page, 'button', 'Decide: The order');
  await press(page, 'radio', 'How much paint');
  await press(page, 'button', 'As planned');
  await press(page, 'button', '1.35 times as much');
  await see(page, 'img', 'As planned, large');
  await see(page, 'table', 'What differs in the plan');
  await press(page, 'button', 'Take it: 1.35 times as much');
  const more = await kept(plan, (p) => p.budget.part === 1.35);
  assert.deepEqual(more.budget.shares, before.budget.shares);
  await press(page, 'button', 'Undo');
  await kept(plan, (p) => p.budget.part === before.budget.part);
  await page.close();
});

test('a plan with oil tells its cells, and how they would go on', inFull, async () => {
  const plan = await planOf(studio, 'Quince and Slate');
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/plans/${plan.id}/preview`);
  await says(page, 'Left to rest for', 90000);
  const group = await page.$eval('[role="group"][aria-label="Cells"]', (g) => g.innerText);
  assert.match(group, /Opened by [^.]*oil/);
  assert.match(group, /15 min[\s\S]*30 min[\s\S]*60 min/);
  await page.close();
});
