// From New to a brief, changed and still there after a reload: on a phone and on a wide screen.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import { PHONE, press, reload, says, see, type, visit, WIDE } from './support/browser.mjs';
import { inFull } from './support/full.mjs';
import { until } from './support/studio.mjs';

const studio = atStudio();

const plans = async () => (await (await fetch(`${studio.url}/api/plans`)).json()).plans;
const saved = async (id, done) => {
  for (let i = 0; i < 50; i++) {
    const { plan } = await (await fetch(`${studio.url}/api/plans/${id}`)).json();
    if (done(plan)) return plan;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error('the studio never got the change');
};

for (const [name, viewport, when] of [
  ['phone', PHONE, {}],
  ['wide', WIDE, inFull],
]) {
  test(
    `${name}: a new plan in four presses, changed at every station, there after a reload`,
    when,
    async () => {
      const page = await studio.open(viewport);
      await visit(page, `${studio.url}/plans`);
      await press(page, 'button', 'New plan');
      await type(page, 'Size', '12 x 16 in');
      for (const paint of ['Oat milk', 'Slate', 'Beetroot']) await press(page, 'checkbox', paint);
      await press(page, 'button', 'Write the plan');
      await see(page, 'textbox', 'Share of Slate');
      const id = /plans\/([^/]+)/.exec(page.url())[1];

      await press(page, 'link', /^1 Surface/);
      await type(page, 'Size', '40 x 50 cm');
      // The generous rule is for the face, 2000 ÷ 2.5 = 800 g; 684 cm² of sides and their band of the face, half a millimetre thick, come on top.
      await says(page, '838');
      await press(page, 'radio', 'Face and edges');
      // (2000 + 324) ÷ 2.5 = 930 g, what wets the edges in it.
      await says(page, '930');
      await press(page, 'radio', 'The face');
      await says(page, '838');
      await press(page, 'button', 'Base, edges and reserve');
      await press(page, 'button', 'Set nothing aside: Edges');
      await says(page, '800');

      await visit(page, `${studio.url}/plans/${id}/colours`);
      await type(page, 'Share of Oat milk', '50');
      await says(page, '400');

      await visit(page, `${studio.url}/plans/${id}/mixes`);
      await type(page, 'Paint : medium : water', '1 : 3');
      await says(page, '1 : 3');

      await visit(page, `${studio.url}/plans/${id}/cups`);
      const before = (await saved(id, (p) => p.mixes[0].medium.parts === 3)).cups[0].layers.length;
      await press(page, 'button', '+ Layer');
      await press(page, 'radio', 'Beetroot');
      await press(page, 'button', 'Move down');
      await type(page, 'Parts of its pot', '2');
      const plan = await saved(
        id,
        (p) =>
          p.cups[0].layers.length === before + 1 && p.cups[0].layers.some((l) => l.parts === 2),
      );
      assert.deepEqual(plan.surface.shape, { kind: 'rect', widthMm: 400, heightMm: 500 });
      assert.equal(plan.cups[0].layers.at(-2).mix, 'm-beetroot');
      assert.equal(plan.cups[0].layers.at(-2).parts, 2);

      await reload(page);
      await says(page, '800');
      await press(page, 'button', 'Delete plan');
      await says(page, 'is deleted');
      // Said at once, and sent.
      await until(plans, (all) => !all.some((p) => p.id === id));
      await press(page, 'button', 'Put it back');
      await says(page, 'Oat milk and Slate');
      await page.close();
    },
  );
}

test('an edit made just before the page is closed is not lost', async () => {
  const page = await studio.open(PHONE);
  const [{ id }] = await plans();
  await visit(page, `${studio.url}/plans/${id}/surface`);
  await type(page, 'Pieces', '3');
  await page.goto('about:blank');
  await saved(id, (p) => p.surface.pieces === 3);
});

test('a remark’s act mends the plan, and undo brings the remark back', async () => {
  const page = await studio.open(WIDE);
  const quince = (await plans()).find((p) => p.title === 'Quince and Slate');
  const { mixes } = await saved(quince.id, () => true);
  const asItWas = (p) => JSON.stringify(p.mixes) === JSON.stringify(mixes);
  await visit(page, `${studio.url}/plans/${quince.id}/cups`);
  await says(page, 'Brass may vanish');
  await press(page, 'button', 'Thicken it');
  await page.waitForFunction(() => !document.body.innerText.includes('Brass may vanish'));
  await saved(quince.id, (p) => !asItWas(p));
  await press(page, 'button', 'Undo');
  await says(page, 'Brass may vanish');
  // Taken in before the next test reads the plan.
  await saved(quince.id, asItWas);
});

test('on the phone a remark leads to its field: of this station, and of another', async () => {
  const page = await studio.open(PHONE);
  const quince = (await plans()).find((p) => p.title === 'Quince and Slate');
  const focused = (name) =>
    page.waitForFunction(
      (is) => {
        const field = document.activeElement;
        const { top, bottom } = field.getBoundingClientRect();
        return field.getAttribute('aria-label')?.startsWith(is) && top > 0 && bottom < innerHeight;
      },
      {},
      name,
    );
  await visit(page, `${studio.url}/plans/${quince.id}/cups`);
  await press(page, 'button', 'One by one');
  await press(page, 'button', /^Show me where: Quince yellow beside Slate/);
  await see(page, 'group', 'Layer of Quince yellow');
  await focused('Move up');
  await press(page, 'button', /^Show me where: Beetroot beside Brass/);
  await see(page, 'group', 'Layer of Beetroot');
  // It lies on top already.
  await focused('Move down');
  await press(page, 'link', '1 remark at Mixes');
  await focused('Made as');
  assert.equal(new URL(page.url()).search, '');
});

test('while the studio is stopped work goes on, and it is sent when the studio is back', async () => {
  const page = await studio.open(PHONE);
  page.expectRefusals = true;
  const damson = (await plans()).find((p) => p.title === 'Damson Moon');
  await visit(page, `${studio.url}/plans/${damson.id}/surface`);
  await studio.halt();
  await type(page, 'Size', '25 cm round');
  await says(page, 'kept on this device');
  await studio.resume();
  await saved(damson.id, (p) => p.surface.shape.diameterMm === 250);
  await says(page, 'saved');
});
