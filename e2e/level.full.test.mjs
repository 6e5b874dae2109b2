// The board made level with the phone on it: by the device's own sensor, and on the practice board.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import { PHONE, press, says, see, textOf, visit } from './support/browser.mjs';
import { pause, planOf } from './support/studio.mjs';

const studio = atStudio();

/** What is to be put under each support, as the page says it. */
const under = async (page) =>
  Object.fromEntries(
    [...(await textOf(page)).matchAll(/(near|far) (left|right) ([\d.]+) mm/g)].map(
      ([, depth, side, mm]) => [`${depth} ${side}`, Number(mm)],
    ),
  );

test('by the phone’s own sensor: what is to be raised follows from the lean, and what creeps', async () => {
  const page = await studio.open(PHONE);
  const protocol = await page.createCDPSession();
  const lies = (beta, gamma) =>
    protocol.send('DeviceOrientation.setDeviceOrientationOverride', { alpha: 0, beta, gamma });
  const plan = await planOf(studio, 'Quince and Slate');
  await visit(page, `${studio.url}/plans/${plan.id}/pour`);
  await press(page, 'button', 'Level it with the phone');
  await says(page, 'Nothing has come from the phone’s sensor yet.');
  await press(page, 'button', 'Read the phone');
  await lies(0, 1);
  await says(page, '17.5');
  // Rolled to its right by one degree, a board of 500 mm falls by 17.45 × 0.3 between its supports: 500 × 0.6 × 0.01745.
  const { 'near right': near, 'far right': far, ...others } = await under(page);
  assert.ok(Math.abs(near - 5.2) <= 0.1 && near === far, `${near}, ${far}`);
  assert.deepEqual(others, {});
  await says(page, 'creeps');
  // A sensor tells many times a second.
  for (let i = 0; i < 20; i++) {
    await lies(0.02, -0.02 - i / 1e4);
    await pause(150);
  }
  await says(page, 'Level: paint stays where it is.');
});

test('a phone that is out itself: read, turned half round, read again; the practice board then lies level', async () => {
  const page = await studio.open(PHONE);
  const plan = await planOf(studio, 'Quince and Slate');
  await visit(page, `${studio.url}/plans/${plan.id}/level`);
  await press(page, 'radio', 'Practice board');
  await see(page, 'img', /^The bubble is/);
  await press(page, 'button', 'Read it once');
  await says(page, 'turn the phone half round');
  await press(page, 'button', 'Turned: read it again');
  await says(page, 'This phone was out by 3.1 mm a metre');
  await press(page, 'button', 'I have put it under');
  await says(page, 'Level: paint stays where it is.');
});
