// How much, of what: an odd outline to its shopping list, files that are refused, tables, stock drawn by a pour.
import assert from 'node:assert/strict';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import { downloads, PHONE, press, says, see, textOf, type, visit } from './support/browser.mjs';
import { until } from './support/studio.mjs';

const studio = atStudio();
let folder;
before(async () => {
  folder = await mkdtemp(join(tmpdir(), 'potter-files-'));
});
after(async () => {
  await rm(folder, { recursive: true, force: true });
});

const ask = async (path) => (await fetch(`${studio.url}${path}`)).json();
const byTitle = async (title) => (await ask('/api/plans')).plans.find((p) => p.title === title);

/** Writes a file and hands it to the file dialog that the button opens. */
async function hand(page, button, name, content) {
  const path = join(folder, name);
  await writeFile(path, content);
  // A press may fall between two frames of a busy machine; a person presses again.
  let chooser;
  for (let tries = 0; !chooser && tries < 4; tries++)
    [chooser] = await Promise.all([
      page.waitForFileChooser({ timeout: 5000 }).catch(() => undefined),
      press(page, 'button', button),
    ]);
  await chooser.accept([path]);
}

const LEAF =
  '<svg xmlns="http://www.w3.org/2000/svg" width="300mm" height="240mm" viewBox="0 0 300 240"><path d="M10 120C60 10 220 0 290 110C230 230 70 240 10 120Z"/></svg>';

test('an odd outline: from a new plan to its full shopping list in at most 12 taps on the phone', async () => {
  const page = await studio.open(PHONE);
  let taps = 0;
  const tap = async (role, name) => {
    taps++;
    await press(page, role, name);
  };
  await visit(page, `${studio.url}/plans`);
  await tap('button', 'New plan');
  await tap('radio', 'Drawing');
  // The button, and the file in the phone's own dialog.
  taps += 2;
  await hand(page, 'Choose an SVG file', 'leaf.svg', LEAF);
  await says(page, 'as the file says');
  await tap('checkbox', /^Oat milk/);
  await tap('checkbox', /^Slate/);
  await tap('checkbox', /^Brass/);
  await tap('button', 'Write the plan');
  await tap('button', 'Shopping list');
  await says(page, 'What it costs');
  const list = await textOf(page);
  for (const name of ['Oat milk', 'Slate', 'Brass', 'Conditioner', 'Blank, 28 ×'])
    assert.ok(list.includes(name), `${name} is on the list`);
  assert.ok(taps <= 12, `${taps} taps`);
});

test('drawings that are no surface are refused in words, and the surface stays as it was', async () => {
  const page = await studio.open(PHONE);
  const { id } = await byTitle('Damson Moon');
  const shape = async () => (await ask(`/api/plans/${id}`)).plan.surface.shape;
  await visit(page, `${studio.url}/plans/${id}/surface`);
  await press(page, 'radio', 'Drawing');
  await hand(page, 'Choose an SVG file', 'leaf.svg', LEAF);
  await says(page, 'as the file says');
  // The round it was has arcs, the leaf has none.
  let before = await shape();
  for (let i = 0; i < 50 && /A/.test(before.path ?? 'A'); i++) {
    await new Promise((resolve) => setTimeout(resolve, 200));
    before = await shape();
  }
  const svg = (inside) => `<svg xmlns="http://www.w3.org/2000/svg">${inside}</svg>`;
  for (const [inside, fault] of [
    ['<script>window.ran = true</script><rect width="50" height="50"/>', 'a script'],
    ['<rect width="50" height="50" onload="window.ran = true"/>', 'a script'],
    ['<image href="http://127.0.0.1:9/x.png"/>', 'an image'],
    ['<path d="M0 0L100 100L100 0L0 100Z"/>', 'crosses itself'],
    ['<path d="M0 0L100 0"/>', 'enclose'],
    ['<rect width="1" height="1"/>', 'check the unit'],
    ['<path d="M0 0 L oops"/>', 'cannot be read'],
  ]) {
    await hand(page, 'Choose an SVG file', 'bad.svg', svg(inside));
    await says(page, fault);
    await says(page, 'The surface stays as it was.');
  }
  assert.equal(await page.evaluate(() => window.ran), undefined);
  assert.deepEqual(await shape(), before);
});

test('letters get a cup for each stroke; a ring and corners are typed', async () => {
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/plans/new`);
  await press(page, 'radio', 'Letters');
  await type(page, 'Letters or figures', 'L7');
  await press(page, 'checkbox', /^Oat milk/);
  await press(page, 'checkbox', /^Walnut/);
  await press(page, 'button', 'Write the plan');
  await see(page, 'button', 'Share by intent');
  const id = /plans\/([^/]+)\//.exec(page.url())[1];
  const { plan } = await ask(`/api/plans/${id}`);
  assert.deepEqual(
    plan.cups.map((c) => c.for),
    ['limb:L.1', 'limb:L.2', 'limb:7.1', 'limb:7.2', 'gaps'],
  );
  await visit(page, `${studio.url}/plans/${id}/surface`);
  await press(page, 'radio', 'By size');
  await type(page, 'Size', '30 x 10 cm ring');
  await says(page, 'saved');
  await page.waitForFunction(
    async (id) =>
      (await (await fetch(`/api/plans/${id}`)).json()).plan.surface.shape.kind === 'ring',
    { polling: 200, timeout: 10000 },
    id,
  );
  await press(page, 'radio', 'Corners');
  await type(page, 'Even corners', '8');
  await page.waitForFunction(
    async (id) =>
      (await (await fetch(`/api/plans/${id}`)).json()).plan.surface.shape.cornersMm?.length === 8,
    { polling: 200, timeout: 10000 },
    id,
  );
});

test('a table is looked at before it is taken; faults are told by row; taking it over can be undone', async () => {
  const page = await studio.open(PHONE);
  const shelf = async () => (await ask('/api/shelf')).items;
  const before = await shelf();
  await visit(page, `${studio.url}/shelf`);
  await hand(
    page,
    'Read a CSV table',
    'bad.csv',
    'name,hex,stockMl\r\nPlum,#4a2146,200\r\n"=cmd()",#ffffff,1\r\nFog,grey,2\r\n',
  );
  await says(page, 'This table was not taken');
  const told = await textOf(page);
  assert.match(told, /row 3, name: begins with "="/);
  assert.match(told, /row 4, hex: must be a colour/);
  assert.deepEqual(await shelf(), before);

  await hand(
    page,
    'Read a CSV table',
    'good.csv',
    'name,id,hex,stockMl\r\nPlum,plum,#4a2146,200\r\nOat milk,oat,#ece5d6,5\r\n',
  );
  await says(page, '1 new, 1 changed, 0 as they are.');
  assert.deepEqual(await shelf(), before);
  await press(page, 'button', 'Take it over');
  await says(page, '1 put on the shelf, 1 changed.');
  const taken = await until(shelf, (items) => items.length === before.length + 1);
  assert.equal(taken.find((i) => i.paint?.id === 'oat').stockMl, 5);
  await press(page, 'button', 'Put it back');
  await until(shelf, (items) => items.length === before.length);
  assert.deepEqual(await shelf(), before);
});

test('a pour draws the shelf down, gives it back, and its run-off goes into a jar', async () => {
  const page = await studio.open(PHONE);
  const stock = async (id) =>
    (await ask('/api/shelf')).items.find((i) => i.paint?.id === id).stockMl;
  const { id } = await byTitle('Number 27');
  const before = await stock('walnut');
  await visit(page, `${studio.url}/plans/${id}/pour`);
  await press(page, 'button', /^Begin/);
  await press(page, 'button', 'Ran out');
  await says(page, 'What is bare?');
  await press(page, 'radio', /^Stroke /);
  await says(page, 'g more:');
  await press(page, 'button', 'Close');
  for (let i = 0; i < 80; i++) {
    if ((await textOf(page)).includes('Off the shelf')) break;
    await press(page, 'button', 'Skip');
  }
  await says(page, 'drawn down by what it used');
  await page.waitForFunction(
    async (was) =>
      (await (await fetch('/api/shelf')).json()).items.find((i) => i.paint?.id === 'walnut')
        .stockMl < was,
    { polling: 200, timeout: 10000 },
    before,
  );
  await press(page, 'button', 'Put it back on the shelf');
  await page.waitForFunction(
    async (was) =>
      (await (await fetch('/api/shelf')).json()).items.find((i) => i.paint?.id === 'walnut')
        .stockMl === was,
    { polling: 200, timeout: 10000 },
    before,
  );
  await press(page, 'button', 'Keep it in a jar');
  await says(page, 'It stands in a jar on the shelf.');
  const jar = await until(
    async () => (await ask('/api/shelf')).items.find((i) => i.kind === 'jar'),
    (there) => there !== undefined,
  );
  assert.match(jar.name, /Number 27/);
  assert.equal(jar.silicone, false);
});

test('plans of one day are mixed together and bought together', async () => {
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/plans`);
  await press(page, 'button', 'Several at once');
  await press(page, 'checkbox', 'Quince and Slate');
  await press(page, 'checkbox', 'Damson Moon');
  await press(page, 'button', 'Mix together');
  await says(page, 'for Damson Moon');
  assert.match(await textOf(page), /for Quince and Slate/);
  await page.goBack();
  await press(page, 'button', 'Several at once');
  await press(page, 'checkbox', 'Quince and Slate');
  await press(page, 'checkbox', 'Number 27');
  await press(page, 'button', 'Shopping list');
  await says(page, 'For Quince and Slate, Number 27.');
});

test('the template is saved as a PDF of true-size sheets and as an SVG', async () => {
  const page = await studio.open(PHONE);
  const saved = await downloads(page, folder);
  const { id } = await byTitle('Quince and Slate');
  await visit(page, `${studio.url}/plans/${id}/template`);
  await type(page, 'Disc in the middle, across', '80 mm');
  await press(page, 'button', 'Save as PDF');
  await press(page, 'button', 'Save as SVG');
  const pdf = await saved('template.pdf');
  assert.equal(pdf.subarray(0, 5).toString(), '%PDF-');
  assert.match((await saved('template.svg')).toString(), /width="504mm"/);
});
