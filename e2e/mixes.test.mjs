// Mixes at the table on the phone: ratios as people say them, schools, pictures, measuring by eye, a medium by the batch, and all of it with the studio away.
import assert from 'node:assert/strict';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import { PHONE, press, reload, says, see, textOf, type, visit } from './support/browser.mjs';
import { kept, pause, planOf, until } from './support/studio.mjs';
import { inFull } from './support/full.mjs';

const studio = atStudio();
let folder;
before(async () => {
  folder = await mkdtemp(join(tmpdir(), 'potter-pictures-'));
});
after(async () => {
  await rm(folder, { recursive: true, force: true });
});

const shelf = async () => (await (await fetch(`${studio.url}/api/shelf`)).json()).items;

/** Everything can be reached without moving sideways. */
async function fits(page) {
  const over = await page.evaluate(() =>
    [...document.querySelectorAll('body *')]
      .filter((n) => n.checkVisibility() && n.scrollWidth > n.clientWidth + 1)
      .filter((n) => ['auto', 'scroll'].includes(getComputedStyle(n).overflowX))
      .map((n) => n.className),
  );
  assert.deepEqual(over, []);
  const right = await page.evaluate(() =>
    Math.max(
      ...[...document.querySelectorAll('body *')]
        .filter((n) => n.checkVisibility())
        .map((n) => n.getBoundingClientRect().right),
    ),
  );
  assert.ok(right <= 391, `something reaches to ${right} px`);
}

test('a ratio as it is said, a school, a second paint, an activator; every step undone', async () => {
  const page = await studio.open(PHONE);
  const plan = await planOf(studio, 'Quince and Slate');
  const [first] = (await plan.get()).mixes;
  await visit(page, `${studio.url}/plans/${plan.id}/mixes`);
  await type(page, 'Paint : medium : water', '40 g + 20 g');
  await kept(plan, (p) => p.mixes[0].basis === 'weight' && p.mixes[0].medium.parts === 2);
  await says(page, 'Read medium first: paint 1 : medium 2.');
  await press(page, 'button', 'No, paint first');
  await kept(plan, (p) => p.mixes[0].medium.parts === 0.5);
  await type(page, 'Paint : medium : water', 'much');
  await says(page, 'is one amount: say two, such as 1 : 2.');
  // Turned soon after it was typed the ratio is one step with it; on a busy machine it is one of its own.
  await press(page, 'button', 'Undo');
  const undone = await kept(plan, (p) => p.mixes[0].medium?.parts !== 0.5);
  if (undone.mixes[0].basis !== first.basis) await press(page, 'button', 'Undo');
  await kept(plan, (p) => p.mixes[0].basis === first.basis);
  await press(page, 'button', 'Just covers the paint');
  await kept(plan, (p) => p.mixes[0].medium.parts === 1);
  await press(page, 'button', /^Made as: /);
  await press(page, 'radio', 'Studio blend');
  await kept(plan, (p) => p.mixes[0].medium.id === 'studio-blend');
  await says(page, 'First make');
  await press(page, 'button', /^Another paint in this mix/);
  await press(page, 'checkbox', 'Slate');
  await kept(plan, (p) => p.mixes[0].paints.length === 2);
  await type(page, 'Parts of Slate', '0.2');
  await kept(plan, (p) => p.mixes[0].paints[1].parts === 0.2);
  await press(page, 'button', 'Leave Slate out of this mix');
  await press(page, 'radio', 'A step thicker');
  await kept(plan, (p) => p.metallics === 'thicker');
  await press(page, 'button', 'Another mix');
  await press(page, 'button', 'Add the activator');
  await kept(plan, (p) => p.budget.pots.some((x) => x.use === 'activator'));
  await says(page, 'An activator leaves no mound');
  await fits(page);
});

test(
  'measured by eye: to the mark, past it and made good, killed and gone on with',
  inFull,
  async () => {
    const page = await studio.open(PHONE);
    const plan = await planOf(studio, 'Damson Moon');
    const at = `${studio.url}/plans/${plan.id}/weigh`;
    await visit(page, at);
    await press(page, 'radio', 'By eye, cup marks');
    await press(page, 'button', /stands? ready$/);
    await says(page, 'mm up the cup');
    await fits(page);
    await press(page, 'button', 'It is at the mark');
    await says(page, '2 of');
    await reload(page);
    await says(page, '2 of');
    const mark = await page.$eval('[role="status"][aria-label$="mm in the cup"]', (n) =>
      Number(/\d+/.exec(n.getAttribute('aria-label'))[0]),
    );
    await type(page, 'Went past it? It stands at, mm', String(mark + 8));
    await says(page, 'Too much of it, by');
    await says(page, 'for repairs or a jar.');
    await fits(page);
    await press(page, 'button', /^More of everything/);
    await says(page, 'More ');
    for (let i = 0; i < 40; i++) {
      const text = await textOf(page);
      if (text.includes('All weighed')) break;
      if (text.includes('It is at the mark')) await press(page, 'button', 'It is at the mark');
      else if (text.includes('They are in')) await press(page, 'button', 'They are in');
      else if (/stands? ready/.test(text)) await press(page, 'button', /stands? ready$/);
      await pause(150);
    }
    await says(page, 'All weighed');
    await kept(plan, (p) => p.made?.length === p.mixes.length);
    const { made } = await plan.get();
    // The time stands with it, for whoever asks how long it has stood.
    assert.match(made[0].on, /^\d{4}-\d\d-\d\dT\d\d:\d\d$/);
    await visit(page, `${studio.url}/plans/${plan.id}/mixes`);
    const jars = async () => (await shelf()).filter((i) => i.kind === 'jar').length;
    const before = await jars();
    await press(page, 'button', /^Into a jar/);
    await says(page, 'in a jar');
    await until(jars, (n) => n === before + 1);
  },
);

test('one drip of three is not lost, and what was added counts', inFull, async () => {
  const page = await studio.open(PHONE);
  const plan = await planOf(studio, 'Kale and Walnut tiles');
  const at = `${studio.url}/plans/${plan.id}/coach`;
  await visit(page, at);
  await press(page, 'radio', 'An even stream');
  const drip = async (ms) => {
    await press(page, 'button', 'It dripped');
    await see(page, 'button', 'The mound has closed');
    await pause(ms);
    await press(page, 'button', 'The mound has closed');
    await see(page, 'button', 'It dripped');
  };
  await drip(3500);
  await says(page, '2 more.');
  await reload(page);
  await says(page, '2 more.');
  await drip(3500);
  await drip(3500);
  await kept(plan, (p) => p.readings?.length === 1);
  assert.equal((await plan.get()).readings[0].moundS.length, 3);
  await press(page, 'button', /^All is in/);
  await kept(plan, (p) => p.readings.length === 2 && p.readings[1].added.g > 0);
  await says(page, 'Nothing: it is right.');
  await fits(page);
});

/** A drawing of one colour as a PNG file, made by the browser itself. */
async function pictureFile(page, name) {
  const bytes = await page.evaluate(async () => {
    const canvas = new OffscreenCanvas(2000, 1500);
    const context = canvas.getContext('2d');
    context.fillStyle = '#d8a526';
    context.fillRect(0, 0, 2000, 1500);
    return [...new Uint8Array(await (await canvas.convertToBlob()).arrayBuffer())];
  });
  const file = join(folder, name);
  await writeFile(file, Buffer.from(bytes));
  return file;
}

test('a medium by the batch: weighed, on the shelf, what went in taken off; and back', async () => {
  const page = await studio.open(PHONE);
  const before = await shelf();
  await visit(page, `${studio.url}/shelf?kind=medium`);
  await press(page, 'link', 'Make Studio blend');
  await type(page, 'How much to make', '250 ml');
  await says(page, 'It costs');
  await fits(page);
  await press(page, 'button', 'Weigh it up');
  await press(page, 'button', 'The cup is on');
  for (let i = 1; i <= 4; i++) {
    await says(page, `${i} of 4`);
    const g = await page.$eval(
      '[role="status"]',
      (n) => /^([\d.]+) g to go$/.exec(n.getAttribute('aria-label'))?.[1],
    );
    await type(page, 'The scale reads, g', g);
    // What was typed has come through once the button names all of it.
    await press(page, 'button', `Take ${g} g`);
  }
  await press(page, 'button', 'Onto the shelf');
  await says(page, 'of Studio blend stand on the shelf.');
  const made = await until(
    async () => (await shelf()).find((i) => i.kind === 'medium' && i.medium.id === 'studio-blend'),
    (medium) => medium !== undefined,
  );
  assert.ok(Math.abs(made.stockMl - 250) < 2, `${made.stockMl} mL`);
  const stock = (items, id) => items.find((i) => i.material?.id === id)?.stockMl;
  assert.ok(stock(await shelf(), 'conditioner') < stock(before, 'conditioner') - 150);
  await press(page, 'button', 'Put it back');
  await until(
    async () => stock(await shelf(), 'conditioner'),
    (ml) => ml === stock(before, 'conditioner'),
  );
  await until(shelf, (items) => items.length === before.length);
  assert.ok(!(await shelf()).some((i) => i.kind === 'medium' && i.medium.id === 'studio-blend'));
});

test('a medium that would hold itself is not saved, and the way round is told', async () => {
  const page = await studio.open(PHONE);
  const put = (id, name, inside) =>
    fetch(`${studio.url}/api/shelf/medium/${id}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({
        now: {
          kind: 'medium',
          medium: { id, name, basis: 'volume', of: [{ ...inside, parts: 1 }] },
        },
      }),
    });
  await put('inner', 'Inner blend', { material: 'pva' });
  await put('outer', 'Outer blend', { medium: 'inner' });
  await visit(page, `${studio.url}/shelf/medium/inner`);
  await press(page, 'button', /^Ingredient 1: /);
  await press(page, 'radio', 'Outer blend, a medium');
  await says(page, 'It would hold itself: Inner blend → Outer blend → Inner blend.');
  await press(page, 'button', 'Save');
  await says(page, 'it cannot be saved like this');
  await pause(300);
  const inner = (await shelf()).find((i) => i.medium?.id === 'inner');
  assert.deepEqual(inner.medium.of, [{ material: 'pva', parts: 1 }]);
});

test(
  'with the studio away: the weighing is opened, gone through and kept, a picture too',
  inFull,
  async () => {
    const page = await studio.open(PHONE, { away: true });
    const plan = await planOf(studio, 'Number 27');
    await visit(page, `${studio.url}/plans/${plan.id}/mixes`);
    // Once the application is kept on the device.
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await reload(page);
    const file = await pictureFile(page, 'paint.png');
    page.expectRefusals = true;
    await studio.halt();
    await page.goto(`${studio.url}/plans/${plan.id}/weigh`, { waitUntil: 'domcontentloaded' });
    await press(page, 'button', 'The cup is on');
    const g = await page.$eval(
      '[role="status"][aria-label$="to go"]',
      (n) => /^([\d.]+)/.exec(n.getAttribute('aria-label'))[1],
    );
    await type(page, 'The scale reads, g', g);
    // What was typed has come through once the button names all of it.
    await press(page, 'button', `Take ${g} g`);
    await says(page, '2 of');
    await page.reload({ waitUntil: 'domcontentloaded' });
    await says(page, '2 of');
    await page.goto(`${studio.url}/plans/${plan.id}/coach`, { waitUntil: 'domcontentloaded' });
    await press(page, 'radio', 'An even stream');
    await press(page, 'button', 'No mound at all');
    await says(page, '2 more.');
    await page.goto(`${studio.url}/plans/${plan.id}/mixes`, { waitUntil: 'domcontentloaded' });
    await press(page, 'button', 'The colour in pictures');
    const [chooser] = await Promise.all([
      page.waitForFileChooser(),
      press(page, 'button', 'Take a picture'),
    ]);
    await chooser.accept([file]);
    await see(page, 'button', 'Another');
    await page.reload({ waitUntil: 'domcontentloaded' });
    await press(page, 'button', 'The colour in pictures');
    await see(page, 'button', 'Another');
    await studio.resume();
    await kept(plan, (p) => p.pictures?.length === 1);
    const { picture } = (await plan.get()).pictures[0];
    let sent;
    for (let i = 0; i < 200 && !sent?.ok; i++) {
      sent = await fetch(`${studio.url}/api/pictures/${picture}`);
      await pause(100);
    }
    assert.equal(sent.headers.get('content-type'), 'image/jpeg');
    // Made small on the way: 2000 × 1500 became at most 1280 across.
    const width = await page.evaluate(async (url) => {
      const image = await createImageBitmap(await (await fetch(url)).blob());
      return image.width;
    }, `/api/pictures/${picture}`);
    assert.equal(width, 1280);
  },
);

test('six mixes are set alike in three taps, and one of them goes its own way', async () => {
  const page = await studio.open(PHONE);
  const plan = await planOf(studio, 'Quince and Slate');
  await visit(page, `${studio.url}/plans/${plan.id}/mixes`);
  await press(page, 'button', 'All alike');
  await press(page, 'button', /^All 6 made as: /);
  await press(page, 'radio', 'Glue and water');
  const colours = ({ mixes, budget }) =>
    budget.shares.map(({ mix }) => mixes.find((m) => m.id === mix));
  await kept(plan, (p) => colours(p).every((m) => m.medium?.id === 'glue-water'));
  await press(page, 'radio', 'No');
  await type(page, 'All of them, paint : medium : water', 'medium 2 to paint 1');
  const after = await kept(plan, (p) => p.mixes[1].medium.parts === 2);
  assert.deepEqual(
    colours(after).map((m) => m.medium.parts === 2),
    [false, true, true, true, true, true],
  );
  await says(page, 'goes its own way');
});
