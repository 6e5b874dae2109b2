// Nothing can be lost: a page killed after every edit, undo over a reload, two tabs on one plan.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import { PHONE, press, says, see, shows, type, visit, WIDE } from './support/browser.mjs';
import { until } from './support/studio.mjs';
import { FULL, inFull } from './support/full.mjs';

const studio = atStudio();

const plans = async () => (await (await fetch(`${studio.url}/api/plans`)).json()).plans;
const planOf = async (id) => (await (await fetch(`${studio.url}/api/plans/${id}`)).json()).plan;
const byTitle = async (title) => (await plans()).find((p) => p.title === title);

/** Edits of one sitting, each followed by a crash of the page. */
const EDITS = FULL ? 30 : 2;

test('the page is killed after any of many edits, and all are found', inFull, async () => {
  const first = await studio.open(PHONE, { alone: true });
  const context = first.browserContext();
  const { id } = await byTitle('Damson Moon');
  const address = `${studio.url}/plans/${id}/surface`;
  let page = first;
  for (let i = 1; i <= EDITS; i++) {
    await page.goto(address, { waitUntil: 'domcontentloaded' });
    await type(page, 'Pieces', String(i + 1));
    // Gone within the same moment: no time for a save, no unload handler.
    const session = await page.createCDPSession();
    // A crashed page answers nothing any more, so nothing of it is waited for.
    session.send('Page.crash').catch(() => undefined);
    await new Promise((resolve) => page.once('error', resolve));
    page = await context.newPage();
    await page.setViewport(PHONE);
  }
  await visit(page, address);
  const pieces = () => page.$eval('[aria-label="Pieces"]', (field) => field.value);
  const seen = [await pieces()];
  // Every one of them is there to go back through. On a busy machine a press may be lost between two frames;
  // a person presses again, and no step may be skipped by that.
  for (let presses = 0; presses < 2 * EDITS && seen.at(-1) !== '1'; presses++) {
    await press(page, 'button', 'Undo');
    await page
      .waitForFunction(
        (was) => document.querySelector('[aria-label="Pieces"]').value !== was,
        { timeout: 5000, polling: 50 },
        seen.at(-1),
      )
      .catch(() => undefined);
    const now = await pieces();
    if (now !== seen.at(-1)) seen.push(now);
  }
  assert.deepEqual(
    seen,
    Array.from({ length: EDITS + 1 }, (_, i) => String(EDITS + 1 - i)),
  );
});

test('two devices on one plan: edits to different parts are both in it, and seen on both', async () => {
  const one = await studio.open(WIDE, { alone: true });
  const two = await studio.open(PHONE, { alone: true });
  const { id } = await byTitle('Damson Moon');
  for (const page of [one, two]) await visit(page, `${studio.url}/plans/${id}/surface`);
  await type(one, 'Edge depth', '23');
  await type(two, 'Pieces', '4');
  await shows(two, 'Edge depth', '23');
  await shows(one, 'Pieces', '4');
  await says(one, 'both saved');
  await press(one, 'button', 'Undo');
  // What is undone is one's own.
  await until(
    () => planOf(id),
    ({ surface }) => surface.edgeDepthMm !== 23 && surface.pieces === 4,
  );
});

test(
  'two devices on one part of a plan: the one that falls behind keeps its edits as a copy, and says so with a link',
  inFull,
  async () => {
    const one = await studio.open(WIDE);
    const two = await studio.open(PHONE);
    two.expectRefusals = true;
    // It cannot be told what the other does.
    await two.evaluateOnNewDocument(() => delete globalThis.EventSource);
    const { id } = await byTitle('Quince and Slate');
    for (const page of [one, two]) await visit(page, `${studio.url}/plans/${id}/surface`);
    await type(one, 'Pieces', '2');
    await until(
      () => planOf(id),
      (plan) => plan.surface.pieces === 2,
    );
    await type(two, 'Edge depth', '20');
    await shows(two, 'Pieces', '2');
    await type(one, 'Pieces', '3');
    await until(
      () => planOf(id),
      (plan) => plan.surface.pieces === 3,
    );
    await type(two, 'Pieces', '4');
    await says(two, 'so you go on in a plan of your own');
    assert.deepEqual(
      (({ edgeDepthMm, pieces }) => ({ edgeDepthMm, pieces }))((await planOf(id)).surface),
      { edgeDepthMm: 20, pieces: 3 },
    );
    await says(two, 'second copy');
    const copy = (await plans()).find((p) => p.title === 'Quince and Slate, second copy');
    assert.equal((await planOf(copy.id)).surface.pieces, 4);
    // What is done from now on is done there; the other is as the other device has it.
    await type(two, 'Pieces', '5');
    await until(
      () => planOf(copy.id),
      (plan) => plan.surface.pieces === 5,
    );
    await press(two, 'link', /Look at the other/);
    await shows(two, 'Pieces', '3');
  },
);

test('a plan is branched, changed, and compared with where it came from', async () => {
  const page = await studio.open(WIDE);
  const { id } = await byTitle('Kale and Walnut tiles');
  await visit(page, `${studio.url}/plans/${id}/surface`);
  await press(page, 'button', 'Branch it');
  await says(page, 'Kale and Walnut tiles, variant');
  await press(page, 'radio', 'Lean');
  await says(page, 'Set aside, in this order');
  await press(page, 'button', 'Compare');
  await says(page, 'lines differ');
  await see(page, 'listitem', 'School differs');
  await see(page, 'listitem', 'Size');
});

test('layers are dragged by mouse and by touch', inFull, async () => {
  const { id } = await byTitle('Damson Moon');
  const order = async () => (await planOf(id)).cups[0].layers.map((l) => l.mix);
  for (const viewport of [WIDE, PHONE]) {
    const page = await studio.open(viewport);
    await visit(page, `${studio.url}/plans/${id}/cups`);
    const before = await order();
    // What can be dragged comes in a part of its own, after the rows; on a busy machine later than this test.
    await page.waitForSelector('[id^="DndLiveRegion"]');
    const pickedUp = () =>
      page.waitForFunction(
        () => [...document.querySelectorAll('[id^="DndLiveRegion"]')].some((r) => r.textContent),
        { timeout: 10000 },
      );
    const rows = await page.$$('[role="list"][aria-label="Layers, last in first"] [role="button"]');
    const [from, to] = await Promise.all([rows[0].boundingBox(), rows[2].boundingBox()]);
    const x = from.x + 60;
    if (viewport.hasTouch) {
      const touch = await page.touchscreen.touchStart(x, from.y + 30);
      await pickedUp();
      for (let i = 1; i <= 8; i++) await touch.move(x, from.y + 30 + ((to.y - from.y) * i) / 8);
      await touch.end();
    } else {
      await page.mouse.move(x, from.y + 30);
      await page.mouse.down();
      await page.mouse.move(x, from.y + 40);
      await pickedUp();
      await page.mouse.move(x, to.y + 34, { steps: 12 });
      await page.mouse.up();
    }
    const wanted = [...before];
    wanted.splice(before.length - 3, 0, ...wanted.splice(before.length - 1, 1));
    for (let i = 0; i < 50 && JSON.stringify(await order()) !== JSON.stringify(wanted); i++)
      await new Promise((r) => setTimeout(r, 100));
    assert.deepEqual(await order(), wanted);
    await page.close();
  }
});
