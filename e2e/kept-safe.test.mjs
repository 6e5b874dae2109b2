// What was deleted comes back, copies of the whole studio are looked into and put back, and the shelf goes on without the studio.
import assert from 'node:assert/strict';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import { PHONE, press, reload, says, see, type, visit } from './support/browser.mjs';
import { planOf, until } from './support/studio.mjs';
import { inFull } from './support/full.mjs';

const studio = atStudio();
let folder;
before(async () => {
  folder = await mkdtemp(join(tmpdir(), 'potter-safe-'));
});
after(() => rm(folder, { recursive: true, force: true }));

const ask = async (path) => (await fetch(`${studio.url}${path}`)).json();
const titles = async () => (await ask('/api/plans')).plans.map((p) => p.title);
const paint = async (id) =>
  (await ask('/api/shelf')).items.find((i) => i.kind === 'paint' && i.paint.id === id);

test('a plan deleted days ago is put back from Settings, under the id it had', async () => {
  const { id } = await planOf(studio, 'Damson Moon');
  await fetch(`${studio.url}/api/plans/${id}`, { method: 'DELETE' });
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/settings`);
  await press(page, 'button', 'Put back Damson Moon');
  await says(page, 'Nothing was deleted in the last 30 days.');
  assert.equal((await planOf(studio, 'Damson Moon')).id, id);
});

test('a copy is looked into and put back, and the studio as it was is brought in again as a file', async () => {
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/settings`);
  await press(page, 'button', 'Copy the studio now');
  await says(page, 'by hand');
  const { id } = await planOf(studio, 'Number 27');
  await fetch(`${studio.url}/api/plans/${id}`, { method: 'DELETE' });
  await visit(page, `${studio.url}/settings`);
  const { copies } = await ask('/api/copies');
  const { name } = copies.find((c) => c.name.endsWith('by-hand.db'));
  await press(page, 'button', /^Look into the copy/);
  await says(page, 'Comes back: Number 27');
  assert.ok(!(await titles()).includes('Number 27'));
  await press(page, 'button', 'Put it in the place of the studio');
  await says(page, 'The copy is the studio now.');
  assert.equal((await planOf(studio, 'Number 27')).id, id);
  await press(page, 'button', 'Done');
  await says(page, 'before a copy was put back');

  // Taken away as a file, brought in again: it is looked into at once.
  const file = join(folder, 'elsewhere.db');
  const bytes = Buffer.from(await (await fetch(`${studio.url}/api/copies/${name}`)).arrayBuffer());
  await writeFile(file, bytes);
  const [chooser] = await Promise.all([
    page.waitForFileChooser(),
    press(page, 'button', 'Bring a copy in'),
  ]);
  await chooser.accept([file]);
  await says(page, 'brought in');
  await see(page, 'group', 'What it would change');
  await press(page, 'button', 'Leave it');

  // What is no studio is refused, and not kept.
  page.expectRefusals = true;
  await writeFile(file, 'not a studio');
  const [again] = await Promise.all([
    page.waitForFileChooser(),
    press(page, 'button', 'Bring a copy in'),
  ]);
  await again.accept([file]);
  await says(page, 'no copy of a studio');
  const now = (await ask('/api/copies')).copies.map((c) => c.name);
  assert.equal(now.filter((n) => n.includes('brought-in')).length, 1);
});

test(
  'with the studio away a paint is changed, one is taken off, and both hold: here at once, there once it is back',
  inFull,
  async () => {
    const page = await studio.open(PHONE, { away: true });
    page.expectRefusals = true;
    await visit(page, `${studio.url}/shelf`);
    // Once the application is kept on the device.
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await reload(page);
    await see(page, 'link', 'Slate');
    await studio.halt();
    await press(page, 'link', 'Slate');
    await type(page, 'Left, mL', '77');
    await press(page, 'button', 'Save');
    await press(page, 'link', 'Walnut');
    await press(page, 'button', 'Take it off the shelf');
    await says(page, 'Walnut is off the shelf.');
    await see(page, 'link', 'Slate');
    await studio.resume();
    await page.evaluate(() => globalThis.dispatchEvent(new Event('online')));
    await until(
      () => paint('slate'),
      (slate) => slate.stockMl === 77,
    );
    await until(
      () => paint('walnut'),
      (walnut) => walnut === undefined,
    );
  },
);

test(
  'two devices change one paint: both changes stand; the same figure of it is refused in sight, and can be used all the same',
  inFull,
  async () => {
    const [one, two] = [await studio.open(PHONE), await studio.open(PHONE, { alone: true })];
    for (const page of [one, two]) await visit(page, `${studio.url}/shelf/paint/oat`);
    await type(one, 'Name', 'Oat milk, own');
    await press(one, 'button', 'Save');
    await until(
      () => paint('oat'),
      (oat) => oat.paint.name === 'Oat milk, own',
    );
    two.expectRefusals = true;
    await press(two, 'radio', 'semi-opaque');
    await press(two, 'button', 'Save');
    const both = await until(
      () => paint('oat'),
      (oat) => oat.paint.opacity === 'semi-opaque',
    );
    assert.equal(both.paint.name, 'Oat milk, own');

    for (const page of [one, two]) await visit(page, `${studio.url}/shelf/paint/oat`);
    await type(one, 'Name', 'One');
    await press(one, 'button', 'Save');
    await until(
      () => paint('oat'),
      (oat) => oat.paint.name === 'One',
    );
    await type(two, 'Name', 'Two');
    await press(two, 'button', 'Save');
    await says(two, 'was changed on another device in the meantime');
    await says(two, 'Name is “One” there');
    // The list has what stands, not what this device last saw of it.
    await see(two, 'link', 'One');
    assert.equal((await paint('oat')).paint.name, 'One');
    await press(two, 'button', 'Use this one: Two');
    await until(
      () => paint('oat'),
      (oat) => oat.paint.name === 'Two',
    );
  },
);
