// Cups: composed by touch alone and by the keyboard alone, loaded on the scale, and their fill marks measured on the rendered sheet.
import assert from 'node:assert/strict';
import { execFile } from 'node:child_process';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { promisify } from 'node:util';
import { createCanvas } from '@napi-rs/canvas';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { atStudio } from './support/at-studio.mjs';
import {
  downloads,
  PHONE,
  press,
  reload,
  says,
  see,
  tabTo,
  textOf,
  type,
  visit,
  WIDE,
} from './support/browser.mjs';
import { kept, pause, planOf } from './support/studio.mjs';
import { inFull } from './support/full.mjs';

const studio = atStudio();
let folder;
before(async () => {
  folder = await mkdtemp(join(tmpdir(), 'potter-cups-'));
});
after(async () => {
  await rm(folder, { recursive: true, force: true });
});

test('by touch alone: pins, rounds, a cover, side by side, another vessel, more cups', async () => {
  const page = await studio.open(PHONE);
  const plan = await planOf(studio, 'Quince and Slate');
  await visit(page, `${studio.url}/plans/${plan.id}/cups`);
  await press(page, 'button', 'Order');
  await press(page, 'button', 'Oat milk first and last');
  await kept(plan, ({ cups: [{ layers }] }) => layers.at(-1).mix === layers[0].mix);
  await says(page, 'It begins and ends as a flip cup often does.');
  await press(page, 'button', 'Load it in 3 rounds');
  const three = await kept(plan, ({ cups }) => cups[0].layers.length === 18);
  const first = three.cups[0].layers.map((l) => l.parts);
  assert.ok(first[6] < first[0] && first[12] < first[6]);
  await press(page, 'radio', 'Slate');
  await kept(plan, ({ cups }) => cups[0].layers.length === 19);
  await press(page, 'button', 'Vessel and loading');
  await press(page, 'radio', 'Side by side');
  await press(page, 'radio', 'front left');
  await kept(plan, ({ cups: [cup] }) => cup.loading === 'side' && cup.pourSideDeg === 135);
  await press(page, 'radio', 'In layers');
  await press(page, 'button', /^Cup: /);
  await press(page, 'radio', 'Bottomless ring');
  await kept(plan, ({ cups: [cup] }) => cup.outlet === 'bottom' && cup.loading === 'layered');
  await press(page, 'button', 'More cups');
  await press(page, 'button', '+ Cup, the other way round');
  await kept(plan, ({ cups }) => cups.at(-1).reverseOf !== undefined);
  await says(page, 'the other way');
  await press(page, 'tab', 'Cup 1');
  await press(page, 'button', /^Divide it over \d cups/);
  await kept(plan, ({ cups }) => cups.length > 4);
  await type(page, 'Kept back of every colour for repairs, %', '4');
  await kept(plan, ({ budget }) => budget.pots.some((p) => p.use === 'keep' && p.share === 0.04));
});

test(
  'by the keyboard alone: a layer chosen, moved, doubled, made more; rounds; loading',
  inFull,
  async () => {
    const page = await studio.open(WIDE);
    const { keyboard } = page;
    const plan = await planOf(studio, 'Damson Moon');
    await visit(page, `${studio.url}/plans/${plan.id}/cups`);
    await says(page, 'What leaves the cup');
    await pause(500);
    const before = (await plan.get()).cups[0].layers;
    await keyboard.press('ArrowUp');
    await keyboard.press('d');
    await kept(plan, ({ cups }) => cups[0].layers.length === before.length + 1);
    await keyboard.press(']');
    await kept(plan, ({ cups }) => cups[0].layers.some((l) => l.parts > 1.05));
    await keyboard.down('Alt');
    await keyboard.press('ArrowDown');
    await keyboard.up('Alt');
    await kept(plan, ({ cups }) => cups[0].layers.at(-3).parts > 1.05);
    await tabTo(page, 'Order');
    await keyboard.press('Enter');
    await tabTo(page, 'Load it in 3 rounds');
    await keyboard.press('Enter');
    await kept(plan, ({ cups }) => cups[0].layers.length % 3 === 0);
    await tabTo(page, 'Vessel and loading');
    await keyboard.press('Enter');
    await tabTo(page, 'In compartments');
    await keyboard.press('Space');
    await kept(plan, ({ cups }) => cups[0].loading === 'split');
    await keyboard.down('Control');
    await keyboard.press('z');
    await keyboard.up('Control');
    await kept(plan, ({ cups }) => cups[0].loading !== 'split');
  },
);

test('a cup is loaded on the scale, one layer too much, and to its fill lines', async () => {
  const page = await studio.open(PHONE);
  const plan = await planOf(studio, 'Number 27');
  await visit(page, `${studio.url}/plans/${plan.id}/load`);
  await press(page, 'button', 'The cup is on');
  await says(page, 'Down the wall.');
  const g = await page.$eval('[role="status"][aria-label$="to go"]', (n) =>
    Number(/^([\d.]+)/.exec(n.getAttribute('aria-label'))[1]),
  );
  await type(page, 'The scale reads, g', String(g + 20));
  await says(page, 'is missing from its pot');
  assert.ok(!(await textOf(page)).includes('More of everything'));
  await press(page, 'button', 'Leave it as it is');
  await says(page, '2 of');
  await reload(page);
  await says(page, '2 of');
  await press(page, 'button', 'Undo');
  await says(page, '1 of');
});

/** Pixels to the millimetre of a rendered page. */
const PX = 10;

/** A page as pixels: whether the one at x, y (mm) is ink. */
async function rendered(pdf, number) {
  const page = await pdf.getPage(number);
  const viewport = page.getViewport({ scale: (PX * 25.4) / 72 });
  const canvas = createCanvas(Math.round(viewport.width), Math.round(viewport.height));
  const canvasContext = canvas.getContext('2d');
  await page.render({ canvasContext, viewport }).promise;
  const { data } = canvasContext.getImageData(0, 0, canvas.width, canvas.height);
  return {
    width: canvas.width,
    height: canvas.height,
    ink: (px, py) => data[(py * canvas.width + px) * 4] < 128,
  };
}

/** Middles of the lines that run from one x to the other, mm from the top. */
function linesAcross({ height, ink }, fromMm, toMm) {
  const found = [];
  let run = [];
  for (let y = 0; y < height; y++) {
    let whole = true;
    for (let x = Math.round(fromMm * PX); x < toMm * PX && whole; x++) whole = ink(x, y);
    if (whole) run.push(y);
    else if (run.length > 0) {
      found.push(run.reduce((sum, v) => sum + v + 0.5, 0) / run.length / PX);
      run = [];
    }
  }
  return found;
}

test(
  'fill marks of the rendered sheet stand where the formula says, within 0.2 mm',
  inFull,
  async () => {
    const page = await studio.open(PHONE);
    const plan = await planOf(studio, 'Kale and Walnut tiles');
    const saved = await downloads(page, folder);
    await visit(page, `${studio.url}/plans/${plan.id}/loading`);
    await see(page, 'button', 'Save as PDF');
    await press(page, 'button', 'Save as PDF');
    const pdf = await getDocument({ data: new Uint8Array(await saved('-cups.pdf')) }).promise;
    const file = join(folder, 'plan.pour.json');
    await writeFile(file, JSON.stringify(await plan.get()));
    const { stdout } = await promisify(execFile)('npx', ['tsx', 'scripts/brief.ts', file], {
      cwd: join(import.meta.dirname, '..'),
      maxBuffer: 64 * 1024 * 1024,
    });
    const { cups } = JSON.parse(stdout);
    const [{ vessel }] = (await plan.get()).cups;
    const slant = Math.hypot(1, (vessel.topMm - vessel.bottomMm) / 2 / vessel.heightMm);
    const expected = cups[0].layers.filter((l) => l.ml > 0).map((l) => l.toMm * slant);
    // The first strip stands at the left margin; its marks are 8 mm long, its frame goes right across.
    const sheet = await rendered(pdf, 1);
    const [top, ...rest] = linesAcross(sheet, 11, 17);
    const height = vessel.heightMm * slant;
    const floor = rest.find((y) => Math.abs(y - top - height) < 1);
    assert.ok(floor, `the strip is ${height.toFixed(1)} mm tall`);
    assert.ok(
      Math.abs(floor - top - height) <= 0.2,
      `its height is off by ${floor - top - height}`,
    );
    const marks = rest.filter((y) => y < floor - 0.5).map((y) => floor - y);
    assert.equal(marks.length, expected.length);
    [...expected]
      .reverse()
      .forEach((mm, i) =>
        assert.ok(
          Math.abs(marks[i] - mm) <= 0.2,
          `mark ${i + 1} is at ${marks[i].toFixed(2)}, ${mm.toFixed(2)} by the formula`,
        ),
      );
    // The ruler that checks the printer is 100 mm.
    const ruled = sheet.height / PX;
    let longest = 0;
    for (let y = Math.round((ruled - 20) * PX); y < sheet.height; y++) {
      let run = 0;
      for (let x = 0; x < sheet.width; x++) {
        run = sheet.ink(x, y) ? run + 1 : 0;
        longest = Math.max(longest, run);
      }
    }
    assert.ok(Math.abs(longest / PX - 100) < 0.4, `the ruler is ${longest / PX} mm`);
  },
);
