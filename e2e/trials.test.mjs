// Trials: a card printed at true size and judged, a paint weighed, a reaction that comes back as a remark.
import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { createCanvas } from '@napi-rs/canvas';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { atStudio } from './support/at-studio.mjs';
import { downloads, PHONE, press, says, see, type, visit } from './support/browser.mjs';
import { planOf, until } from './support/studio.mjs';
import { inFull } from './support/full.mjs';

const studio = atStudio();
let folder;
before(async () => {
  folder = await mkdtemp(join(tmpdir(), 'potter-trials-'));
});
after(async () => {
  await rm(folder, { recursive: true, force: true });
});

const paintOf = (id, is) =>
  until(async () => {
    const { items } = await (await fetch(`${studio.url}/api/shelf`)).json();
    return items.find((it) => it.kind === 'paint' && it.paint.id === id);
  }, is);

/** Black on the one page of a PDF, in mm: how high the longest upright run of it is, and how wide the longest level one. */
async function blackOf(pdf) {
  const page = await (await getDocument({ data: new Uint8Array(pdf) }).promise).getPage(1);
  // Ten pixels to the millimetre.
  const viewport = page.getViewport({ scale: (10 * 25.4) / 72 });
  const canvas = createCanvas(Math.ceil(viewport.width), Math.ceil(viewport.height));
  await page.render({ canvasContext: canvas.getContext('2d'), viewport }).promise;
  const { width, height, data } = canvas
    .getContext('2d')
    .getImageData(0, 0, canvas.width, canvas.height);
  // The title ink is dark grey; the bar is black.
  const black = (x, y) => {
    const i = (y * width + x) * 4;
    return data[i] < 12 && data[i + 1] < 12 && data[i + 2] < 12;
  };
  const longest = (n, m, at) => {
    let most = 0;
    for (let i = 0; i < n; i++)
      for (let j = 0, run = 0; j < m; j++) most = Math.max(most, (run = at(i, j) ? run + 1 : 0));
    return most / 10;
  };
  return {
    tallMm: longest(width, height, black),
    wideMm: longest(height, width, (y, x) => black(x, y)),
  };
}

test(
  'a card is printed at true size, judged by eye and by a reading, and put back',
  inFull,
  async () => {
    const page = await studio.open(PHONE);
    const saved = await downloads(page, folder);
    await visit(page, `${studio.url}/trials`);
    await press(page, 'button', 'Opacity card');
    await press(page, 'button', 'Print cards');
    await press(page, 'checkbox', 'Quince yellow');
    await press(page, 'button', 'Save as PDF');
    const { tallMm, wideMm } = await blackOf(await saved('.pdf'));
    assert.ok(Math.abs(tallMm - 10) < 0.3, `the bar is ${tallMm} mm high`);
    assert.ok(Math.abs(wideMm - 110) < 0.3, `the bar is ${wideMm} mm wide`);
    await press(page, 'button', 'Leave the printing');

    await press(page, 'button', /^The card of/);
    await press(page, 'radio', 'Quince yellow');
    await press(page, 'radio', /^opaque: Nothing shows/);
    const judged = await paintOf('quince', (it) => it.trials?.length === 1);
    assert.equal(judged.paint.opacity, 'opaque');
    await says(page, 'Quince yellow was semi-opaque before.');
    await press(page, 'button', 'Put it back');
    await paintOf('quince', (it) => it.trials === undefined && it.paint.opacity === 'semi-opaque');

    await press(page, 'radio', 'By a reading');
    await type(page, 'Contrast ratio', '91');
    await press(page, 'button', 'Keep the reading');
    const read = await paintOf('quince', (it) => it.trials?.length === 1);
    assert.deepEqual(read.paint.opacity, { contrastRatio: 0.91, wetMicrons: 200 });
    await says(page, 'Card, 2 coats: 91 % at 200 µm');

    // One coat is enough for who cannot wait, and what no figure tells is noted.
    await press(page, 'radio', 'By eye');
    await press(page, 'radio', 'One coat');
    await press(page, 'radio', /^semi-opaque: /);
    const once = await paintOf('quince', (it) => it.trials?.length === 2);
    assert.equal(once.trials[1].coats, 1);
    assert.equal(once.paint.opacity.wetMicrons, 100);
    await press(page, 'button', 'Note: chalky');
    await paintOf('quince', (it) => it.trials?.length === 3);
    await says(page, 'Noted: chalky');
  },
);

test('a swatch in white settles how a paint tints, and can be put back', async () => {
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/trials`);
  await press(page, 'button', 'Tint swatch');
  await press(page, 'button', /^The swatch of/);
  await press(page, 'radio', 'Damson');
  await type(page, 'The dried swatch', '#a884a6');
  await says(page, 'by the swatch');
  await press(page, 'button', 'Keep the swatch');
  const kept = await paintOf('damson', (it) => it.paint.tint10Hex === '#a884a6');
  assert.equal(kept.trials.at(-1).kind, 'tint-swatch');
  await says(page, 'Swatch in ten of white: #a884a6');
  await press(page, 'button', 'Put it back');
  await paintOf('damson', (it) => it.trials === undefined && it.paint.tint10Hex === undefined);
});

test('a paint is weighed; a cup that was not taken off is noticed', async () => {
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/trials`);
  await press(page, 'button', 'Weigh a paint');
  await press(page, 'button', /^The paint on the scale/);
  await press(page, 'radio', 'Slate');
  await type(page, 'The scale reads, g', '45');
  await says(page, 'Was the empty measure taken off');
  await type(page, 'The scale reads, g', '12.4');
  await press(page, 'button', 'Keep the weight');
  const item = await paintOf('slate', (it) => it.trials?.length === 1);
  assert.equal(item.paint.densityGPerMl, 1.24);
  await says(page, '10 mL weighed 12.4 g: 1.24 g/mL');
});

test('what did not get on is noted once and said in the plan', async () => {
  const plan = await planOf(studio, 'Quince and Slate');
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/trials`);
  await press(page, 'button', 'What did not get on');
  await press(page, 'button', /^This: /);
  await press(page, 'radio', 'Slate');
  await press(page, 'button', /^with this: /);
  await press(page, 'radio', 'Quince yellow');
  await press(page, 'radio', 'cracked as they dried');
  await type(page, 'In your own words', 'fine lines after two days');
  await press(page, 'button', 'Note it');
  await says(page, 'Slate and Quince yellow cracked as they dried');
  const noted = async () =>
    (await (await fetch(`${studio.url}/api/reactions`)).json()).reactions.length;
  // Said at once; a robot would leave the page before it is sent.
  await until(noted, (n) => n === 1);
  await visit(page, `${studio.url}/plans/${plan.id}/cups`);
  await says(page, 'cracked as they dried on 20');
  await says(page, 'You noted: fine lines after two days.');
  await visit(page, `${studio.url}/trials`);
  await press(page, 'button', 'What did not get on');
  await press(page, 'button', 'Take out');
  await says(page, 'may meet again');
  await until(noted, (n) => n === 0);
  await press(page, 'button', 'Put it back');
  await until(noted, (n) => n === 1);
});

test(
  'painted cards are read by camera, box by box, and kept with their paint',
  inFull,
  async () => {
    const page = await studio.open(PHONE);
    const file = join(folder, 'cards.jpg');
    const { status, stdout } = spawnSync('npx', ['tsx', 'e2e/support/made-card.ts', file], {
      cwd: join(import.meta.dirname, '..'),
      encoding: 'utf8',
    });
    assert.equal(status, 0);
    const ratios = JSON.parse(stdout);
    await visit(page, `${studio.url}/trials`);
    await press(page, 'button', 'Opacity card');
    await press(page, 'radio', 'By camera');
    const [chooser] = await Promise.all([
      page.waitForFileChooser(),
      press(page, 'button', 'Choose one'),
    ]);
    await chooser.accept([file]);
    await see(page, 'group', 'Card 2 from the top');
    const told = await page.$$eval('[role="group"][aria-label^="Card"]', (groups) =>
      groups.map((group) =>
        [...group.innerText.matchAll(/([\d.]+)\s*% contrast ratio/g)].map(
          (m) => Number(m[1]) / 100,
        ),
      ),
    );
    ratios.forEach((boxes, i) =>
      boxes.forEach((ratio, k) =>
        assert.ok(
          Math.abs(told[i][k] - ratio) < 0.04,
          `card ${i + 1}, ${k + 1} coats: ${told[i][k]}`,
        ),
      ),
    );
    await press(page, 'button', 'Keep it');
    await says(page, 'The card is kept.');
    const kept = await until(
      async () => {
        const { items } = await (await fetch(`${studio.url}/api/shelf`)).json();
        return items.flatMap((item) => item.trials ?? []).find(({ within }) => within > 0);
      },
      (trial) => trial !== undefined,
    );
    assert.equal(kept.coats, 2);
    assert.ok(Math.abs(kept.opacity.contrastRatio - told[0][1]) < 0.001);
  },
);
