// The weigh-along on the phone: a whole palette over the practice scale, one ingredient poured over, no figure typed.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import { PHONE, press, says, see, textOf, type, visit } from './support/browser.mjs';
import { pause, planOf } from './support/studio.mjs';
import { inFull } from './support/full.mjs';

const studio = atStudio();

/** What is still to go in, or undefined where nothing is weighed just now. */
const toGo = (page) =>
  page.evaluate(() => {
    const status = [...document.querySelectorAll('[role="status"]')]
      .map((n) => /^(-?[\d.]+) g to go$/.exec(n.getAttribute('aria-label') ?? ''))
      .find(Boolean);
    return status ? Number(status[1]) : undefined;
  });

/** Holds the spout open with a finger for so long. */
async function pour(page, ms) {
  const spout = await page.waitForSelector('[aria-label="Spout: hold to pour"]');
  const { x, y, width, height } = await spout.boundingBox();
  const touch = await page.touchscreen.touchStart(x + width / 2, y + height / 2);
  await pause(ms);
  await touch.end();
}

/** Waits until the scale shows the same for so long that it has been taken as steady, ms. */
const STEADY_MS = 1500;
async function steady(page) {
  let last;
  let since = Date.now();
  while (Date.now() - since < STEADY_MS) {
    const now = await toGo(page);
    if (now !== last) [last, since] = [now, Date.now()];
    await pause(100);
  }
}

test(
  'a whole palette is weighed over the scale, with one over-pour made good',
  inFull,
  async () => {
    const page = await studio.open(PHONE);
    const plan = await planOf(studio, 'Kale and Walnut tiles');
    await visit(page, `${studio.url}/plans/${plan.id}/mixes`);
    await press(page, 'button', 'Weigh it all up');
    await press(page, 'radio', 'Practice scale, 1 g');
    let overPoured = false;
    let madeGood = 0;
    for (let presses = 0; presses < 120; presses++) {
      const text = await textOf(page);
      if (text.includes('All weighed')) break;
      if (text.includes('The cup is on')) {
        // The practice scale takes its time, as a scale does: once it has been made good on it, the rest is typed.
        if (madeGood > 0) await press(page, 'radio', 'Scale, I type');
        await press(page, 'button', 'The cup is on');
        if (madeGood === 0) await see(page, 'button', 'Spout: hold to pour');
        continue;
      }
      if (text.includes('More of everything')) {
        assert.match(text, /Too much of it, by \d+ g\./);
        await press(page, 'button', /^More of everything/);
        madeGood++;
        await pause(300);
        continue;
      }
      if (text.includes('drops, last') || text.includes('drop, last')) {
        await press(page, 'button', 'They are in');
        continue;
      }
      const g = await toGo(page);
      if (text.includes('The scale reads')) {
        await type(page, 'The scale reads, g', String(g));
        await press(page, 'button', `Take ${g} g`);
        continue;
      }
      if (g !== undefined && g > 0.5) {
        // 3 g/s at first and ever faster: what so many seconds pour, t² ≈ g/5.
        const s = (-3 + Math.sqrt(9 + 20 * g * (overPoured ? 0.85 : 1.5))) / 10;
        await pour(page, Math.max(60, s * 1000));
        overPoured = true;
      }
      // Until it stands steady, and goes on by itself where it is right.
      await steady(page);
    }
    await says(page, 'All weighed');
    assert.ok(madeGood >= 1, 'an over-pour was made good');
    // Saved in its own time.
    for (let i = 0; i < 50; i++) {
      const now = await plan.get();
      if (now.made?.length === now.mixes.length) break;
      await pause(100);
    }
    const { made, mixes } = await plan.get();
    assert.deepEqual(made.map((m) => m.mix).sort(), mixes.map((m) => m.id).sort());
    // The one poured over was made good: its ratio is that of the recipe, within what a scale of one gram tells.
    for (const { mix, of } of made) {
      const paint = mixes.find((m) => m.id === mix).paints[0].paint;
      const ofPaint = of.filter((o) => o.material === paint).reduce((sum, o) => sum + o.g, 0);
      const rest = of.filter((o) => o.material !== paint).reduce((sum, o) => sum + o.g, 0);
      assert.ok(ofPaint > 5 && rest > 5, `${mix}: ${ofPaint} and ${rest}`);
    }
  },
);

test('typed readings: killed in the middle and gone on with, undo, an over-pour left as it is', async () => {
  const page = await studio.open(PHONE, { alone: true });
  const plan = await planOf(studio, 'Damson Moon');
  const at = `${studio.url}/plans/${plan.id}/weigh`;
  await visit(page, at);
  await press(page, 'button', 'The cup is on');
  const target = await toGo(page);
  await type(page, 'The scale reads, g', String(target));
  await press(page, 'button', /^Take/);
  await says(page, '2 of');
  // Gone within the same moment, and back.
  const context = page.browserContext();
  const session = await page.createCDPSession();
  session.send('Page.crash').catch(() => undefined);
  await new Promise((resolve) => page.once('error', resolve));
  const again = await context.newPage();
  await again.setViewport(PHONE);
  await visit(again, at);
  await says(again, `${target} g, in`);
  await press(again, 'button', 'Undo');
  await says(again, '1 of');
  assert.equal(await toGo(again), target);
  await type(again, 'The scale reads, g', String(target * 2));
  await says(again, 'Too much of it');
  await press(again, 'button', 'Leave it as it is');
  await says(again, `${target * 2} g, in`);
});

test('the coach: three drips, their middle, and grams for what is in the cup', async () => {
  const page = await studio.open(PHONE);
  const plan = await planOf(studio, 'Quince and Slate');
  await visit(page, `${studio.url}/plans/${plan.id}/coach`);
  await press(page, 'radio', 'Thin, thick, thin');
  await says(page, 'stir on');
  await press(page, 'radio', 'An even stream');
  for (let i = 0; i < 3; i++) await press(page, 'button', 'No mound at all');
  await says(page, 'the plan wants medium');
  await says(page, 'A third of it at a time');
  for (let i = 0; i < 50 && !(await plan.get()).readings; i++) await pause(100);
  const { readings, mixes } = await plan.get();
  assert.deepEqual(
    readings.map(({ mix, moundS }) => ({ mix, moundS })),
    [{ mix: mixes[0].id, moundS: [0, 0, 0] }],
  );
  await press(page, 'radio', 'A flow cup');
  await type(page, 'It ran', '90');
  await press(page, 'button', 'Note it');
  await says(page, 'Filled: as you found it.');
});

test('a scale that adds up: the reading wanted is that of all that is in', inFull, async () => {
  const page = await studio.open(PHONE);
  const plan = await planOf(studio, 'Number 27');
  await visit(page, `${studio.url}/plans/${plan.id}/weigh`);
  await press(page, 'radio', 'Let it add up');
  await press(page, 'button', 'The cup is on');
  const first = await toGo(page);
  await type(page, 'The scale reads, g', String(first));
  await press(page, 'button', /^Take/);
  await says(page, '2 of');
  const second = await toGo(page);
  await says(page, `the scale should read ${Number((first + second).toFixed(1))} g`);
  await type(page, 'The scale reads, g', String(first + second - 1));
  assert.equal(await toGo(page), 1);
});

test('a scale over the air is found, weighed on, lost in the middle and found again; typing goes on meanwhile', async () => {
  const page = await studio.open(PHONE);
  await page.evaluateOnNewDocument(() => {
    const air = new EventTarget();
    air.startNotifications = async () => air;
    const device = Object.assign(new EventTarget(), {
      name: 'Bench scale',
      gatt: {
        connect: async () => ({
          getPrimaryService: async () => ({ getCharacteristic: async () => air }),
        }),
      },
    });
    Object.defineProperty(navigator, 'bluetooth', {
      value: { requestDevice: async () => device },
    });
    globalThis.scale = {
      weighs: (g) => {
        const steps = g / 5;
        air.value = new DataView(Uint8Array.from([0, steps & 255, steps >> 8]).buffer);
        air.dispatchEvent(new Event('characteristicvaluechanged'));
      },
      goes: () => device.dispatchEvent(new Event('gattserverdisconnected')),
    };
  });
  const plan = await planOf(studio, 'Quince and Slate');
  await visit(page, `${studio.url}/plans/${plan.id}/mixes`);
  await press(page, 'button', 'Weigh it all up');
  await press(page, 'radio', 'Scale, over the air');
  await press(page, 'button', 'Find the scale');
  await says(page, 'Bench scale is there.');
  await press(page, 'button', 'The cup is on');
  await page.evaluate(() => globalThis.scale.weighs(120));
  await says(page, 'reads 120 g, steady');
  await page.evaluate(() => globalThis.scale.goes());
  await says(page, 'Bench scale is gone');
  await type(page, 'The scale reads, g', '130');
  await says(page, 'reads 130 g');
  await press(page, 'button', 'Find the scale');
  await page.evaluate(() => globalThis.scale.weighs(140));
  await says(page, 'reads 140 g');
});
