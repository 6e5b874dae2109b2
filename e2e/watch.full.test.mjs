// A resting piece watched by camera: a browser’s own, which shows a photograph of the demo, and the one to practise with.
import assert from 'node:assert/strict';
import { mkdtemp, readFile, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import { launch, openPage, PHONE, press, says, visit } from './support/browser.mjs';
import { until } from './support/studio.mjs';

const studio = atStudio();
const photographs = join(import.meta.dirname, '../demo/orchard-ledger/photographs');

const pieceOf = async (title) => {
  const asked = `${studio.url}/api/pieces?search=${encodeURIComponent(title)}`;
  const { pieces } = await (await fetch(asked)).json();
  const { id } = pieces.find((p) => p.title === title);
  return async () => (await fetch(`${studio.url}/api/pieces/${id}`)).json();
};

/** Flags of a browser whose camera looks at a photograph: pictures one after the other, as cameras of that kind send them. */
async function lookingAt(name) {
  const still = await readFile(join(photographs, name));
  const film = join(await mkdtemp(join(tmpdir(), 'potter-')), 'camera.mjpeg');
  await writeFile(film, Buffer.concat([still, still, still]));
  return [
    '--use-fake-ui-for-media-stream',
    '--use-fake-device-for-media-stream',
    `--use-file-for-fake-video-capture=${film}`,
  ];
}

test('the browser’s camera, once stood over a piece, takes its picture and keeps it, squared up', async () => {
  const pieceNow = await pieceOf('Marrow Street twins, second study');
  const before = await pieceNow();
  const browser = await launch({}, await lookingAt('twins-two-wet.jpg'));
  try {
    const page = await openPage(await browser.createBrowserContext(), PHONE);
    await visit(page, `${studio.url}/journal/${before.id}`);
    await press(page, 'button', 'Watch it rest');
    await press(page, 'button', 'Open the camera');
    await says(page, 'table on every side');
    await press(page, 'button', 'Begin');
    await says(page, 'These look like its corners', 30_000);
    await press(page, 'button', 'Keep the corners');
    await says(page, 'One is kept with the piece', 60_000);
    await says(page, 'Picture 2 in');
    await press(page, 'button', 'Stop watching');
    await says(page, 'The watch is over: 1 picture.');
    const { photographs: now } = await until(pieceNow, (piece) =>
      Boolean(piece.photographs.length > before.photographs.length),
    );
    const told = JSON.parse(await readFile(join(photographs, 'corners.json'), 'utf8'));
    const last = now.at(-1);
    assert.equal(last.state, 'wet');
    for (const [i, [x, y]] of told['twins-two-wet'].entries())
      assert.ok(Math.hypot(x - last.corners[i][0], y - last.corners[i][1]) < 0.02, `corner ${i}`);
    assert.deepEqual(page.faults, []);
  } finally {
    await browser.close();
  }
});

test('practising, a camera looks down on the plan’s preview; nothing is kept', async () => {
  const pieceNow = await pieceOf('Number 31, proof');
  const before = await pieceNow();
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/journal/${before.id}/watch`);
  await press(page, 'button', 'Practise');
  await says(page, 'The practice piece is poured', 90_000);
  await press(page, 'button', 'Begin');
  await says(page, 'These look like its corners', 30_000);
  await press(page, 'button', 'Keep the corners');
  await says(page, 'Taken at', 60_000);
  await press(page, 'button', 'Stop watching');
  await says(page, 'The watch is over', 30_000);
  assert.deepEqual((await pieceNow()).photographs, before.photographs);
});

test('a browser that gives no camera says so, and how to mend it', async () => {
  const { id } = await (await pieceOf('Damson Moon'))();
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/journal/${id}/watch`);
  await press(page, 'button', 'Open the camera');
  await says(page, 'The camera was not opened.');
  await press(page, 'button', 'Back');
  await says(page, 'How it came out');
});
