// How much, of what: an odd outline to its shopping list, files that are refused, tables, stock drawn by a pour.
import assert from 'node:assert/strict';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import { createCanvas } from '@napi-rs/canvas';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { downloads, PHONE, press, says, see, textOf, type, visit } from './support/browser.mjs';
import { until } from './support/studio.mjs';
import { inFull } from './support/full.mjs';

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

test(
  'an odd outline: from a new plan to its full shopping list in at most 12 taps on the phone',
  inFull,
  async () => {
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
  },
);

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

test(
  'a second base lies beside the first, extender is run round the edge, and bases are left out by a switch, in the moves at once',
  inFull,
  async () => {
    const { id } = await byTitle('Frosted Kale');
    const plan = () => ask(`/api/plans/${id}`).then((answer) => answer.plan);
    const page = await studio.open(PHONE);
    await visit(page, `${studio.url}/plans/${id}/surface`);
    await press(page, 'button', 'Base, edges and reserve');
    await press(page, 'radio', 'Another base beside it');
    await says(page, 'Bases lie side by side, each as wide as its part of them all.');
    const { moves, budget } = await until(plan, (p) =>
      p.moves.some((m) => m.verb === 'lay' && m.fromPercent === 50),
    );
    const bases = budget.pots.filter((p) => p.use === 'base');
    assert.equal(bases.length, 2);
    assert.equal(bases[0].filmMm, bases[1].filmMm);
    assert.deepEqual(
      moves.filter((m) => m.verb === 'lay').map((m) => m.mix),
      bases.map((p) => p.mix),
    );
    await press(page, 'radio', 'Extender');
    await says(page, 'add "Run extender round" at Moves');
    await visit(page, `${studio.url}/plans/${id}/moves`);
    await press(page, 'button', /: settings$/);
    await press(page, 'radio', 'None');
    const bare = await until(plan, (p) => p.moves.every((m) => m.verb !== 'lay'));
    assert.ok(bare.budget.pots.every((p) => p.use !== 'base'));
    await press(page, 'button', /^Undo/);
    await until(plan, (p) => p.moves.filter((m) => m.verb === 'lay').length === 2);
    await page.close();
  },
);

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

/** A PDF's first page at ten pixels to the millimetre: where the dark run nearest to a place lies, mm, across a row or down a column. */
async function inkOf(pdf) {
  const page = await (await getDocument({ data: new Uint8Array(pdf) }).promise).getPage(1);
  const viewport = page.getViewport({ scale: (10 * 25.4) / 72 });
  const canvas = createCanvas(Math.ceil(viewport.width), Math.ceil(viewport.height));
  await page.render({ canvasContext: canvas.getContext('2d'), viewport }).promise;
  const { width, data } = canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height);
  const dark = (x, y) => data[4 * (Math.round(y) * width + Math.round(x))] < 90;
  const near = (at, is) => {
    let best = Infinity;
    for (let from = Math.round(10 * at) - 40, run = 0; from <= 10 * at + 40; from++) {
      if (is(from)) run++;
      // A guide is thinner than a mark.
      else if (run > 6) {
        const middle = (from - (run + 1) / 2 + 0.5) / 10;
        if (Math.abs(middle - at) < Math.abs(best - at)) best = middle;
        run = 0;
      } else run = 0;
    }
    return best;
  };
  return {
    across: (at, y) => near(at, (x) => dark(x, 10 * y)),
    down: (at, x) => near(at, (y) => dark(10 * x, y)),
  };
}

test('marks on the printed template lie where the plan has them, within 0.3 mm', async () => {
  const { id: from } = await byTitle('Quince and Slate');
  const { plan } = await (await fetch(`${studio.url}/api/plans/${from}`)).json();
  const cups = [plan.cups[0].id];
  const [comb, trail, pour] = [
    {
      verb: 'comb',
      way: { kind: 'line', fromMm: [20, 130], toMm: [130, 130] },
      tines: 1,
      toolMm: 3,
    },
    {
      verb: 'trail',
      cups,
      heightMm: 60,
      way: { kind: 'ring', centreMm: [75, 75], radiusMm: 40, turns: 1, fromDeg: 180 },
    },
    { verb: 'pour', cups, heightMm: 60, atMm: [105, 20] },
  ];
  const marked = {
    ...plan,
    title: 'Marks',
    surface: { ...plan.surface, shape: { kind: 'rect', widthMm: 150, heightMm: 150 } },
    moves: [comb, trail, pour].map((move) => ({ ...move, id: move.verb, own: true })),
  };
  const answer = await fetch(`${studio.url}/api/plans`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ plan: marked }),
  });
  assert.equal(answer.status, 201);
  const page = await studio.open(PHONE);
  const saved = await downloads(page, folder);
  await visit(page, `${studio.url}/plans/${(await byTitle('Marks')).id}/template`);
  await press(page, 'button', 'Save as PDF');
  const { across, down } = await inkOf(await saved('marks-template.pdf'));
  const is = (measured, mm, what) =>
    assert.ok(Math.abs(measured - mm) <= 0.3, `${what} at ${measured}, not ${mm} mm`);
  // The corner of the sheet's first tile is that of the piece: 10 mm of margin.
  const edge = 10;
  is(across(edge + 150, edge + 40) - edge, 150, 'the right side');
  const half = Math.sqrt(40 ** 2 - 20 ** 2);
  for (const [x, side] of [
    [75 - half, 'left'],
    [75 + half, 'right'],
  ])
    is(across(edge + x, edge + 55) - edge, x, `the ring, ${side}`);
  is(down(edge + 115, edge + 68) - edge, 75 + Math.sqrt(40 ** 2 - 7 ** 2), 'the ring, below');
  is(down(edge + 130, edge + 100) - edge, 130, 'the comb’s line');
  is(down(edge + 20, edge + 100) - edge, 20, 'the pour, across');
  is(across(edge + 105, edge + 15) - edge, 105, 'the pour, down');
});
