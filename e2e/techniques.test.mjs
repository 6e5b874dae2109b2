// Techniques: looked at as pictures of this plan, chosen by what one wants to see and has, taken with all they bring, and undone.
import assert from 'node:assert/strict';
import { mkdtemp, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import { downloads, PHONE, press, says, type, visit } from './support/browser.mjs';
import { kept, planOf } from './support/studio.mjs';
import { inFull } from './support/full.mjs';

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
  await page.waitForFunction(
    () => document.querySelectorAll('[aria-label="Techniques"] canvas').length > 3,
    { timeout: 60_000 },
  );
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

test('dots are set on the coat from among the techniques, as a stage of their own', async () => {
  const plan = await planOf(studio, 'Damson Moon');
  const before = await plan.get();
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/plans/${plan.id}/technique`);
  await press(page, 'button', 'Set dots so: Rows');
  const dotted = await kept(plan, (p) => p.moves.some((m) => m.verb === 'dot'));
  assert.deepEqual(dotted.moves.slice(0, before.moves.length), before.moves);
  await says(page, 'Dots');
  await press(page, 'button', 'Undo');
  assert.deepEqual(await kept(plan, (p) => !p.moves.some((m) => m.verb === 'dot')), before);
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

test(
  'a pour done further by hand is kept as one’s own, shared as a file, forgotten, and taken from the file for another plan',
  inFull,
  async () => {
    const folder = await mkdtemp(join(tmpdir(), 'potter-own-'));
    const plan = await planOf(studio, 'Beetroot Bloom');
    const before = await plan.get();
    const page = await studio.open(PHONE);
    const saved = await downloads(page, folder);
    await visit(page, `${studio.url}/plans/${plan.id}/moves`);
    await press(page, 'button', /: settings$/);
    await press(page, 'button', 'Keep as my own technique');
    await type(page, 'Its name', 'Marrow Street bloom');
    await press(page, 'button', 'Keep it');
    await says(page, 'Marrow Street bloom is kept');
    const own = await kept(plan, (p) => p.sequence !== undefined);
    assert.deepEqual(own.moves, before.moves);
    await press(page, 'button', 'Choose by picture');
    await press(page, 'button', 'More on Marrow Street bloom');
    await press(page, 'button', 'Share Marrow Street bloom as a file');
    const file = join(folder, 'again.technique.json');
    const text = (await saved('marrow-street-bloom.technique.json')).toString();
    await press(page, 'button', 'Forget Marrow Street bloom');
    await says(page, 'Marrow Street bloom is forgotten');

    const other = await planOf(studio, 'Damson Moon');
    await visit(page, `${studio.url}/plans/${other.id}/technique`);
    await says(page, 'Open a technique file');
    assert.ok(!(await offered(page)).includes('Marrow Street bloom'));
    const open = async (content) => {
      await writeFile(file, content);
      const [chooser] = await Promise.all([
        page.waitForFileChooser(),
        press(page, 'button', 'Open a technique file'),
      ]);
      await chooser.accept([file]);
    };
    await open(text.replace('"blow"', '"sneeze"'));
    await says(page, 'This file was not opened');
    await open(text);
    await press(page, 'button', 'Pour it so: Marrow Street bloom');
    const taken = await kept(other, (p) => p.sequence?.name === 'Marrow Street bloom');
    const breaths = (p) => p.moves.filter((m) => m.verb === 'blow');
    assert.equal(breaths(taken).length, breaths(before).length);
    // A 25 cm bloom on a moon of 30 cm reaches in proportion.
    const [far, was] = [breaths(taken)[0].reachMm, breaths(before)[0].reachMm];
    assert.ok(Math.abs(far / was - 1.2) < 0.01, `reaches ${far} of ${was}`);
  },
);

test('a plan is tried as a mini pour that knows what it tries', async () => {
  const plan = await planOf(studio, 'Quince and Slate');
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/plans/${plan.id}/preview`);
  await press(page, 'button', 'Mini pour');
  await says(page, 'Quince and Slate, mini pour');
  const mini = await (await planOf(studio, 'Quince and Slate, mini pour')).get();
  assert.equal(mini.miniOf, plan.id);
  assert.deepEqual(mini.surface.shape, { kind: 'rect', widthMm: 100, heightMm: 80 });
  await press(page, 'link', 'What this is a small test of');
  await page.waitForFunction((id) => location.pathname === `/plans/${id}/preview`, {}, plan.id);
});
