// Order: found under a school and its wishes, explained, loaded; judged anew with every move by hand.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import { PHONE, press, says, see, visit, WIDE } from './support/browser.mjs';
import { kept, planOf } from './support/studio.mjs';
import { inFull } from './support/full.mjs';

const studio = atStudio();

const mixes = (plan, cup = 0) => plan.cups[cup].layers.map((l) => l.mix);

test('the best order is found, loaded in every cup alike, and undone', async () => {
  const plan = await planOf(studio, 'Quince and Slate');
  const before = mixes(await plan.get());
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/plans/${plan.id}/cups`);
  await says(page, 'No bad seam of 6.');
  await press(page, 'button', 'Order');
  await press(page, 'button', 'Find the best order');
  await press(page, 'button', 'And 2 cups alike');
  const now = await kept(plan, (p) => String(mixes(p)) !== String(before));
  assert.deepEqual([...mixes(now)].sort(), [...before].sort());
  assert.deepEqual(mixes(now, 1), mixes(now));
  await says(page, 'The cup is loaded so.');
  await press(page, 'button', 'Undo');
  await kept(plan, (p) => String(mixes(p)) === String(before));
});

test(
  'cups that stand beside each other are ordered so that no colour meets itself',
  inFull,
  async () => {
    const plan = await planOf(studio, 'Quince and Slate');
    const { cups: loaded } = await plan.get();
    const [first] = loaded;
    for (const { layers } of loaded) assert.deepEqual(layers, first.layers);
    const page = await studio.open(WIDE);
    await visit(page, `${studio.url}/plans/${plan.id}/order?cup=1`);
    await says(page, 'No border shows between them.');
    await press(page, 'radio', 'Yes, they differ');
    await press(page, 'button', 'Order all 3 cups by this');
    const { cups } = await kept(plan, (p) => mixes(p, 0).at(-1) !== mixes(p, 1).at(-1));
    assert.notEqual(cups[1].layers.at(-1).mix, cups[2].layers.at(-1).mix);
    for (const cup of cups)
      assert.deepEqual(cup.layers.map((l) => l.mix).sort(), first.layers.map((l) => l.mix).sort());
    await press(page, 'button', 'Undo');
    await press(page, 'button', 'Undo');
    await kept(plan, (p) => String(mixes(p, 0)) === String(mixes(p, 1)) && !p.order?.facing);
  },
);

test(
  'pins, pairs kept apart and what each costs; what cannot be done is said',
  inFull,
  async () => {
    const plan = await planOf(studio, 'Quince and Slate');
    const page = await studio.open(WIDE);
    await visit(page, `${studio.url}/plans/${plan.id}/order?cup=0`);
    await press(page, 'button', /^Goes in first/);
    await press(page, 'radio', 'Slate');
    await says(page, 'Slate first costs');
    await press(page, 'button', '+ Pair kept apart');
    await press(page, 'radio', 'Slate');
    await press(page, 'radio', 'Beetroot');
    await says(page, 'Slate and Beetroot apart costs');
    await press(page, 'button', 'Load it so');
    const now = await kept(plan, (p) => mixes(p)[0] === 'm-slate');
    assert.notEqual(mixes(now)[1], 'm-beetroot');
    // Kept with the plan, so it is there after a crash.
    assert.deepEqual(now.order, {
      school: 'contrast',
      first: 'm-slate',
      apart: [{ a: 'm-slate', b: 'm-beetroot' }],
    });
    await press(page, 'button', /^Goes in last/);
    await press(page, 'radio', 'Damson');
    await press(page, 'radio', 'Yes');
    await says(page, 'There is no such order.');
    await says(page, 'First and last are different colours');
    await press(page, 'radio', 'No');
    await see(page, 'button', 'Load it so');
    await press(page, 'radio', 'Ramp');
    await see(page, 'button', 'On the right: Ramp');
  },
);

test('a move by hand is judged at once', inFull, async () => {
  const plan = await planOf(studio, 'Quince and Slate');
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/plans/${plan.id}/cups`);
  const told = () =>
    page.$$eval('[role="status"]', (nodes) =>
      nodes.map((n) => n.textContent).find((t) => t.includes('Weakest')),
    );
  const before = await told();
  const layers = mixes(await plan.get());
  // Up through the cup until another seam is the weakest.
  await press(page, 'button', new RegExp('^Slate'));
  for (let i = 0; i < layers.length - 1 && (await told()) === before; i++)
    await press(page, 'button', 'Move up');
  assert.notEqual(await told(), before);
});
