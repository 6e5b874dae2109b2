// Colours: neighbours judged, a colour found on the shelf, palettes out and in again.
import assert from 'node:assert/strict';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { createCanvas } from '@napi-rs/canvas';
import { atStudio } from './support/at-studio.mjs';
import { downloads, PHONE, press, says, see, type, visit, WIDE } from './support/browser.mjs';
import { kept, planOf, until } from './support/studio.mjs';
import { inFull } from './support/full.mjs';

const studio = atStudio();
let folder;
before(async () => {
  folder = await mkdtemp(join(tmpdir(), 'potter-colours-'));
});
after(async () => {
  await rm(folder, { recursive: true, force: true });
});

const quince = async () => {
  const { plans } = await (await fetch(`${studio.url}/api/plans`)).json();
  const { id } = plans.find((p) => p.title === 'Quince and Slate');
  return {
    at: `${studio.url}/plans/${id}/colours`,
    get: async () => (await (await fetch(`${studio.url}/api/plans/${id}`)).json()).plan,
  };
};

test(
  'every pair is judged: rows on the phone, a triangle where there is room',
  inFull,
  async () => {
    const plan = await quince();
    const phone = await studio.open(PHONE);
    await visit(phone, plan.at);
    await press(phone, 'button', 'Neighbours');
    const rows = () =>
      phone.$$eval('[role="button"][aria-label*=" and "]', (nodes) => nodes.length);
    await see(phone, 'button', /^Slate and Quince yellow: dull each other/);
    assert.equal(await rows(), 15);
    await press(phone, 'radio', 'Brass');
    await phone.waitForFunction(
      () => document.querySelectorAll('[role="button"][aria-label*=" and "]').length === 5,
    );
    await press(phone, 'button', /^Slate and Brass: /);
    await says(phone, 'mud');
    const wide = await studio.open(WIDE);
    await visit(wide, plan.at);
    await press(wide, 'button', 'Neighbours');
    await see(wide, 'button', /^Oat milk and Slate: stay clean/);
    assert.equal(await wide.$$eval('[role="cell"]', (cells) => cells.length), 15);
    assert.deepEqual([...phone.faults, ...wide.faults], []);
  },
);

test('a colour is found on the shelf and poured; a tube finds its substitute', async () => {
  const plan = await quince();
  const page = await studio.open(PHONE);
  await visit(page, plan.at);
  await press(page, 'button', 'Find a colour');
  await type(page, 'The colour wanted', '#8fa58e');
  await press(page, 'button', 'Find it on the shelf');
  await says(page, 'difference');
  await type(page, 'How much of it', '250 g');
  // Weighed out, the paints make what was asked for.
  await page.waitForFunction(() => {
    const list = document.querySelector('[role="list"][aria-label^="Weigh out"]');
    const grams = [...(list?.querySelectorAll('[role="listitem"]') ?? [])].map((item) =>
      Number(/([\d.]+) g/.exec(item.textContent)?.[1]),
    );
    return Math.abs(grams.reduce((sum, g) => sum + g, 0) - 250) < 0.2;
  });
  const before = (await plan.get()).mixes.length;
  await press(page, 'button', 'Pour this');
  for (let i = 0; i < 60 && (await plan.get()).mixes.length === before; i++)
    await new Promise((resolve) => setTimeout(resolve, 100));
  const now = await plan.get();
  assert.equal(now.mixes.length, before + 1);
  assert.equal(now.mixes.at(-1).name, '#8fa58e');
  // Named, it is found again by its name, and forgotten and brought back.
  await press(page, 'button', /^Keep /);
  await type(page, 'What you call it', 'Sage for the borders');
  await press(page, 'button', 'Keep it by this name');
  await press(page, 'radio', 'One I kept');
  await says(page, 'Sage for the borders');
  const settings = await until(
    async () => (await fetch(`${studio.url}/api/settings`)).json(),
    (s) => s.recipes?.length === 1,
  );
  assert.equal(settings.recipes[0].hex, '#8fa58e');
  await press(page, 'button', 'Forget Sage for the borders');
  await press(page, 'button', 'Put it back');
  await see(page, 'button', 'Forget Sage for the borders');
  await press(page, 'radio', 'What replaces a tube');
  await press(page, 'button', 'Find it on the shelf');
  await page.waitForFunction(
    () => document.querySelector('[role="list"][aria-label="Recipes for Oat milk"]') !== null,
  );
});

test('a palette goes out and comes in again; a broken one is refused by its line', async () => {
  const plan = await quince();
  const page = await studio.open(PHONE);
  const saved = await downloads(page, folder);
  await visit(page, plan.at);
  await press(page, 'button', 'Palette files');
  await press(page, 'button', 'Save as GIMP palette');
  assert.match((await saved('.gpl')).toString(), /^GIMP Palette\nName: Quince and Slate\n/);
  await press(page, 'button', 'Save as CSS');
  assert.match((await saved('.css')).toString(), /--oat-milk: #[0-9a-f]{6};/);
  const read = async (name, text) => {
    const file = join(folder, name);
    await writeFile(file, text);
    const [chooser] = await Promise.all([
      page.waitForFileChooser(),
      press(page, 'button', 'Read a palette'),
    ]);
    await chooser.accept([file]);
  };
  await read('bad.gpl', 'GIMP Palette\n10 20 999 Too much\n');
  await says(page, 'line 2: must be three numbers from 0 to 255');
  await read('walnut.css', ':root { --old-walnut: #5b4636; }');
  await says(page, 'Old walnut');
});

test('a chip page: films over another mix, three answers, what medium costs', async () => {
  const plan = await quince();
  const page = await studio.open(PHONE);
  await visit(page, plan.at);
  await press(page, 'link', 'Chip of Quince yellow');
  await press(page, 'button', /^Over another mix/);
  await press(page, 'radio', 'Slate');
  await says(page, 'Over Slate: ');
  await see(page, 'img', '4 coats, over white and black');
  await see(
    page,
    'img',
    /^Class with parts of medium: no medium semi-opaque, .*1 : 2 semi-transparent/,
  );
  await press(page, 'button', /^Mix: /);
  await press(page, 'radio', 'Brass');
  await says(page, 'The shimmer is not drawn');
});

test('a card of a mix beats what is reckoned, until the mix is another', async () => {
  const plan = await planOf(studio, 'Quince and Slate');
  const { mixes } = await plan.get();
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/plans/${plan.id}/chip?mix=${mixes[1].id}`);
  await press(page, 'button', /^A card of it/);
  await press(page, 'radio', /^transparent: /);
  const carded = await kept(plan, (p) => p.mixes[1].card);
  assert.equal(carded.mixes[1].card.opacity, 'transparent');
  await says(page, 'All its films are reckoned from that');
  await press(page, 'button', 'Reckon it from its paints');
  await kept(plan, (p) => p.mixes[1].card === undefined);
});

test('a palette grows from a colour and out of a picture', async () => {
  const plan = await planOf(studio, 'Quince and Slate');
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/plans/${plan.id}/colours`);
  await press(page, 'button', 'Grow a palette');
  await says(page, 'A darker relative');
  const before = (await plan.get()).paints.length;
  await press(page, 'button', /^Add /);
  await kept(plan, (p) => p.paints.length === before + 1);
  // Two thirds walnut, one third teal, as the shelf has them, give or take.
  const canvas = createCanvas(90, 60);
  const ink = canvas.getContext('2d');
  ink.fillStyle = '#4f3326';
  ink.fillRect(0, 0, 90, 40);
  ink.fillStyle = '#2e8b90';
  ink.fillRect(0, 40, 90, 20);
  const file = join(folder, 'garden.png');
  await writeFile(file, canvas.toBuffer('image/png'));
  await press(page, 'radio', 'A picture');
  const choose = async (path) => {
    const [chooser] = await Promise.all([
      page.waitForFileChooser(),
      press(page, 'button', 'Choose a picture'),
    ]);
    await chooser.accept([path]);
  };
  await choose(file);
  await says(page, '67 % of it');
  await says(page, 'Walnut, ');
  await says(page, 'Teal, craft, ');
  const torn = join(folder, 'torn.png');
  await writeFile(torn, 'no picture at all');
  await choose(torn);
  await says(page, 'This file is no picture that can be read here: take a JPEG or PNG.');
});

test('swatches in any order; a pair kept apart', async () => {
  const plan = await planOf(studio, 'Quince and Slate');
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/plans/${plan.id}/colours`);
  await press(page, 'button', 'Swatch strip');
  await press(page, 'button', 'Slate');
  await says(page, 'Beside Oat milk');
  await press(page, 'button', 'Slate further left');
  await kept(plan, (p) => p.budget.shares[0].mix === 'm-slate');
  await press(page, 'radio', 'Heavy to light');
  await press(page, 'button', 'Neighbours');
  await press(page, 'button', /^(Damson and Beetroot|Beetroot and Damson): /);
  await press(page, 'button', 'Keep them apart');
  await kept(plan, (p) => p.order?.apart?.length === 1);
  await press(page, 'button', /^Lighten /);
  await kept(plan, (p) => p.mixes.some((m) => m.paints.length === 2));
});
