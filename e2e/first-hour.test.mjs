// The first hour with an empty studio: paints onto the shelf, and a whole plan, by touch; every tap and every letter counted.
import assert from 'node:assert/strict';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test } from 'node:test';
import { createCanvas } from '@napi-rs/canvas';
import { atStudio } from './support/at-studio.mjs';
import { PHONE, press, reload, says, see, type, visit } from './support/browser.mjs';
import { until } from './support/studio.mjs';

const studio = atStudio({ seed: false });
const asked = async (path) => (await fetch(`${studio.url}/api/${path}`)).json();
const shelf = async () => (await asked('shelf')).items;

/** A hand that is timed: 1.2 s a tap, 0.3 s a letter (the issue's own reckoning). */
function timed(page) {
  let seconds = 0;
  return {
    press: async (...what) => {
      seconds += 1.2;
      await press(page, ...what);
    },
    type: async (label, text) => {
      seconds += 1.2 + 0.3 * text.length;
      await type(page, label, text);
    },
    seconds: () => seconds,
  };
}

test('from an empty studio to a whole plan of four colours within three minutes of tapping', async () => {
  const page = await studio.open(PHONE);
  const hand = timed(page);
  await visit(page, `${studio.url}/bench`);
  await says(page, 'begin with the paints you own');
  await hand.press('button', 'Tick the paints I own');
  const twelve = [
    'Titanium white',
    'Carbon black',
    'Cream',
    'Phthalo blue (green shade)',
    'Ultramarine blue',
    'Light turquoise / teal (opaque)',
    'Quinacridone magenta',
    'Naphthol red',
    'Diarylide yellow',
    'Burnt umber',
    'Gold (mica)',
    'Plum',
  ];
  for (const name of twelve) await hand.press('checkbox', name);
  await says(page, '12 ticked');
  // A flat battery loses nothing.
  await reload(page);
  await says(page, '12 ticked');
  await hand.press('button', 'Put them on the shelf');
  const onShelf = hand.seconds();
  assert.ok(onShelf <= 60, `twelve paints in ${onShelf} s`);
  for (const name of ['Titanium white', 'Ultramarine blue', 'Gold (mica)'])
    await hand.press('checkbox', name);
  await says(page, '3 colours');
  await hand.type('Find a paint, or name one to add', 'sage');
  await hand.press('button', 'Add Sage');
  await says(page, '4 colours');
  await reload(page);
  await says(page, '4 colours');
  await hand.press('button', 'Write the plan');
  await page.waitForFunction(() => location.pathname.endsWith('/colours'));
  assert.ok(hand.seconds() <= 180, `a plan in ${hand.seconds()} s`);
  const { plans } = await asked('plans');
  const { plan } = await asked(`plans/${plans[0].id}`);
  assert.deepEqual(
    plan.paints.map((p) => p.name),
    ['Titanium white', 'Ultramarine blue', 'Gold (mica)', 'Sage'],
  );
  assert.ok(plan.mixes.length >= 4 && plan.cups.length > 0 && plan.moves.length > 0);
  await until(shelf, (items) => items.length === 13);
});

test('a paint out of a picture: the swatch is tapped, then paper beside it evens the lamp', async () => {
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/plans/new`);
  // #6b7fa3 and paper of 0.85, both under a warm lamp: red as it is, blue at two thirds of its light.
  const canvas = createCanvas(400, 200);
  const draw = canvas.getContext('2d');
  draw.fillStyle = '#6b7f87';
  draw.fillRect(0, 0, 200, 200);
  draw.fillStyle = '#ededc6';
  draw.fillRect(200, 0, 200, 200);
  const folder = await mkdtemp(join(tmpdir(), 'potter-swatch-'));
  const file = join(folder, 'swatch.png');
  await writeFile(file, canvas.toBuffer('image/png'));
  await press(page, 'button', 'Another paint, from a picture or by eye');
  const [chooser] = await Promise.all([
    page.waitForFileChooser(),
    press(page, 'button', 'Take or choose a picture'),
  ]);
  await chooser.accept([file]);
  const tapAt = async (x) => {
    const at = await page.waitForSelector('[role="application"]');
    await at.scrollIntoView();
    const box = await at.boundingBox();
    await page.touchscreen.tap(box.x + box.width * x, box.y + box.height * 0.5);
  };
  await see(page, 'radio', 'The colour');
  // Not before it is shown: a page reads a chosen file when it gets to it, which on a busy machine is late.
  await rm(folder, { recursive: true });
  await tapAt(0.25);
  await press(page, 'radio', 'Something white or grey');
  await press(page, 'radio', 'White paper');
  await tapAt(0.75);
  await says(page, 'The light is evened');
  await type(page, 'Its name', 'Dove blue');
  await press(page, 'button', 'Put it on the shelf');
  await see(page, 'checkbox', 'Dove blue');
  const { paint } = (
    await until(shelf, (items) => items.some((i) => i.paint?.name === 'Dove blue'))
  ).find((i) => i.paint?.name === 'Dove blue');
  const channels = (hex) => [1, 3, 5].map((i) => parseInt(hex.slice(i, i + 2), 16));
  channels(paint.hex).forEach((v, c) =>
    assert.ok(Math.abs(v - channels('#6b7fa3')[c]) <= 4, paint.hex),
  );
});
