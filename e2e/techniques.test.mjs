// Techniques: looked at as pictures of this plan, chosen by what one wants to see and has, taken with all they bring, and undone.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import { PHONE, press, says, see, visit } from './support/browser.mjs';
import { kept, planOf } from './support/studio.mjs';

const studio = atStudio();

/** Names of the techniques offered, in their order. */
const offered = (page) =>
  page.$$eval('[aria-label="Techniques"] [role="heading"]', (all) => all.map((h) => h.textContent));

test('a bloom is found by its petals, seen as a picture of this plan, taken and undone', async () => {
  const plan = await planOf(studio, 'Quince and Slate');
  const before = await plan.get();
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/plans/${plan.id}/moves`);
  await press(page, 'button', /: settings$/);
  await press(page, 'button', 'Choose by picture');
  await says(page, 'As it is planned');
  assert.ok((await offered(page)).length >= 26);
  await press(page, 'radio', 'Petals');
  // Pictures come in the order offered; the first of them are of flowers.
  await see(page, 'img', /^This plan as /);
  const flowers = (await offered(page)).slice(0, 5);
  assert.ok(flowers.includes('Bloom'), `first come ${flowers.join(', ')}`);
  await press(page, 'button', 'More on Bloom');
  await says(page, 'What would change');
  await says(page, 'Only 25 % of the colours');
  await press(page, 'button', 'Pour it so: Bloom');
  const bloom = await kept(plan, (p) => p.technique.id === 'bloom');
  assert.equal(bloom.moves.filter((m) => m.verb === 'blow').length, 9);
  assert.equal(bloom.cups.length, before.budget.shares.length);
  assert.deepEqual(bloom.surface, before.surface);
  await press(page, 'button', 'Undo');
  const back = await kept(plan, (p) => p.technique.id === before.technique.id);
  assert.deepEqual(back, before);
});

test('what one has not got comes later, and says what it wants', async () => {
  const plan = await planOf(studio, 'Quince and Slate');
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/plans/${plan.id}/technique`);
  await press(page, 'radio', 'Petals');
  await press(page, 'checkbox', 'A turntable');
  await says(page, 'Wants a turntable.');
  const names = await offered(page);
  assert.ok(names.indexOf('Bloom') > names.indexOf('Split-foot flower'));
});
