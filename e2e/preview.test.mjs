// The preview as an artist meets it: a picture computed from cups and moves, what it says, and what it costs the page.
import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { mkdtemp, readFile, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test } from 'node:test';
import { PNG } from 'pngjs';
import { atStudio } from './support/at-studio.mjs';
import { PHONE, press, reload, says, see, type, WIDE } from './support/browser.mjs';
import { inFull } from './support/full.mjs';

const studio = atStudio();

const plans = async () => (await (await fetch(`${studio.url}/api/plans`)).json()).plans;
const planOf = async (id) => (await (await fetch(`${studio.url}/api/plans/${id}`)).json()).plan;
const idOf = async (title) => (await plans()).find((p) => p.title === title).id;

/** Waits until the picture is as fine as this page asks for. */
const finished = (page) =>
  page.waitForFunction(
    () =>
      [...document.querySelectorAll('canvas')].some((c) => Math.max(c.width, c.height) >= 512) &&
      !document.querySelector('[role="progressbar"]'),
    { timeout: 60000, polling: 100 },
  );

/** A number that is another where the picture is. */
const fingerprint = (page) =>
  page.$eval('canvas', (canvas) => {
    const { data } = canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height);
    let sum = 0;
    for (let i = 0; i < data.length; i += 4) sum = (sum * 31 + data[i] + 7 * data[i + 1]) % 1e9;
    return sum;
  });

/** Waits until a finished picture is there that is another than this. */
async function another(page, before) {
  for (let i = 0; i < 300; i++) {
    await finished(page);
    const now = await fingerprint(page);
    if (now !== before) return now;
    await new Promise((r) => setTimeout(r, 200));
  }
  throw new Error('the picture stayed the same');
}

test('phone: picture, figures, another seed kept, the film, a core by tap and by number', async () => {
  const page = await studio.open(PHONE);
  const id = await idOf('Damson Moon');
  await page.goto(`${studio.url}/plans/${id}/preview`, { waitUntil: 'domcontentloaded' });
  await see(page, 'progressbar', /Pouring|Looking closer/);
  await finished(page);
  const first = await fingerprint(page);
  // Round, so the corners of its box are the mat.
  assert.equal(
    await page.$eval('canvas', (c) => c.getContext('2d').getImageData(0, 0, 1, 1).data[3]),
    0,
  );
  await see(page, 'listitem', /^Damson \d+ %$/);
  await see(page, 'group', 'Film and run-off');

  await press(page, 'button', 'Next seed');
  await says(page, 'Seed 12, kept is 11');
  const second = await another(page, first);
  await press(page, 'button', 'Keep');
  await says(page, 'Seed 12, kept');
  for (let i = 0; i < 50 && (await planOf(id)).seed !== 12; i++)
    await new Promise((r) => setTimeout(r, 100));
  assert.equal((await planOf(id)).seed, 12);
  // It stays on the device once it is told what came of it: not where one goes on before.
  await see(page, 'group', 'Film and run-off');

  await press(page, 'radio', 'Film');
  await see(page, 'img', /Darker is thicker/);
  await finished(page);
  await page.waitForFunction(
    () => {
      const c = document.querySelector('canvas');
      const [r, g, b] = c.getContext('2d').getImageData(c.width / 2, c.height / 2, 1, 1).data;
      return r === g && g === b;
    },
    { timeout: 10000, polling: 100 },
  );

  const canvas = await page.$('canvas');
  // What stands above the picture may still settle: a tap that went beside it is made again.
  for (let tries = 1; ; tries++) {
    await canvas.tap();
    const cored = see(page, 'heading', /^\d+ µm of wet film/, tries < 4 ? 3000 : undefined);
    if (await (tries < 4 ? cored.catch(() => undefined) : cored)) break;
  }
  await see(page, 'list', 'Layers of the core');
  // The middle of a 30 cm round, said in the studio’s unit.
  const field = await page.$('[aria-label="From the left"]');
  assert.match(await field.evaluate((f) => f.value), /^(15|14\.9|15\.1) cm$/);
  await type(page, 'From the left', '4 cm');
  await see(page, 'heading', /^\d+ µm of wet film/);

  // Opened again it is there as it was, and nobody pours it; only a core has to be poured.
  await page.evaluateOnNewDocument(() => {
    globalThis.begun_ = 0;
    globalThis.Worker = class extends Worker {
      constructor(...of) {
        super(...of);
        globalThis.begun_++;
      }
    };
  });
  await reload(page);
  await finished(page);
  assert.equal(await fingerprint(page), second);
  await see(page, 'group', 'Film and run-off');
  assert.equal(await page.evaluate(() => globalThis.begun_), 0);
  await type(page, 'From the left', '5 cm');
  await see(page, 'heading', /^\d+ µm of wet film/);
  assert.equal(await fingerprint(page), second);
});

// science-flow.md: Node and a browser agree to 0.1 % of pixels.
test('on two processors the page computes the picture that it does on one', inFull, async () => {
  const id = await idOf('Damson drift');
  const pictures = [];
  for (const processors of [1, 2]) {
    const page = await studio.open(PHONE, { processors });
    await page.evaluateOnNewDocument(() => {
      // What workers are told, and what they share with one another.
      globalThis.told_ = [];
      const post = Worker.prototype.postMessage;
      Worker.prototype.postMessage = function (message, ...rest) {
        globalThis.told_.push(message.kind);
        return post.call(this, message, ...rest);
      };
    });
    await page.goto(`${studio.url}/plans/${id}/preview`, { waitUntil: 'domcontentloaded' });
    await finished(page);
    pictures.push(await fingerprint(page));
    const told = await page.evaluate(() => globalThis.told_);
    assert.equal(told.includes('help'), processors === 2);
    await page.close();
  }
  assert.equal(pictures[0], pictures[1]);
});

test('the page and a command compute the same picture', inFull, async () => {
  const page = await studio.open(PHONE);
  const id = await idOf('Kale and Walnut tiles');
  await page.goto(`${studio.url}/plans/${id}/preview`, { waitUntil: 'domcontentloaded' });
  await finished(page);
  const shown = await page.$eval('canvas', (canvas) => {
    const { data } = canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height);
    return { px: Math.max(canvas.width, canvas.height), pixels: [...new Uint32Array(data.buffer)] };
  });
  const folder = await mkdtemp(join(tmpdir(), 'potter-same-'));
  const [file, picture] = [join(folder, 'a.pour.json'), join(folder, 'a.png')];
  await writeFile(file, JSON.stringify(await planOf(id)));
  const ran = spawnSync(
    'npm',
    ['run', '-s', 'pour', '--', file, '--px', String(shown.px), '--out', picture],
    { cwd: join(import.meta.dirname, '..'), encoding: 'utf8' },
  );
  assert.equal(ran.status, 0, ran.stderr);
  const { data } = PNG.sync.read(await readFile(picture));
  const computed = new Uint32Array(data.buffer, data.byteOffset, data.byteLength / 4);
  assert.equal(computed.length, shown.pixels.length);
  const other = shown.pixels.filter((pixel, i) => pixel !== computed[i]).length;
  assert.ok(other <= computed.length / 1000, `${other} of ${computed.length} pixels differ`);
});

test(
  'wide: the preview stands beside every station and follows an edit, and a colour that vanishes is remarked on',
  inFull,
  async () => {
    const page = await studio.open(WIDE);
    const id = await idOf('Quince and Slate');
    await page.goto(`${studio.url}/plans/${id}/surface`, { waitUntil: 'domcontentloaded' });
    await see(page, 'region', 'Preview');
    await finished(page);
    const first = await fingerprint(page);
    // A seventh of the paint: another pour, in which a colour is covered by the others and by what cells turn up.
    await press(page, 'radio', 'Own figure');
    await type(page, 'Grams for 1 cm²', '0.05');
    await says(page, 'it vanished.', 60000);
    await another(page, first);
    // What the remark offers, and what that says.
    await press(page, 'button', /^Pour it /);
    // Another station of the same plan finds the pour there.
    await press(page, 'link', /^5 Moves/);
    await see(page, 'region', 'Preview');
    await finished(page);
  },
);

test('stopped, the picture stays as it is; going on, it is finished', inFull, async () => {
  const page = await studio.open(PHONE, { alone: true });
  const id = await idOf('Quince and Slate');
  await page.goto(`${studio.url}/plans/${id}/preview`, { waitUntil: 'domcontentloaded' });
  await see(page, 'progressbar', /Pouring|Looking closer/);
  await press(page, 'button', 'Stop');
  await says(page, 'Stopped.');
  await press(page, 'button', 'Go on');
  await finished(page);
});

test(
  'phone: a print is made while the page is left and come back to, and is saved',
  inFull,
  async () => {
    const page = await studio.open(PHONE);
    const id = await idOf('Damson Moon');
    await page.goto(`${studio.url}/plans/${id}/preview`, { waitUntil: 'domcontentloaded' });
    await finished(page);
    await press(page, 'radio', '1024');
    await press(page, 'button', 'Make the print');
    await see(page, 'progressbar', /^Print$/);
    await page.goto(`${studio.url}/shelf`, { waitUntil: 'domcontentloaded' });
    await new Promise((resolve) => setTimeout(resolve, 2000));
    await page.goto(`${studio.url}/plans/${id}/preview`, { waitUntil: 'domcontentloaded' });
    await page.waitForSelector('a[href$="/print/picture"]', { timeout: 120000 });
    const href = await page.$eval('a[href$="/print/picture"]', (link) => link.href);
    const png = PNG.sync.read(Buffer.from(await (await fetch(href)).arrayBuffer()));
    assert.equal(Math.max(png.width, png.height), 1024);
    // Round: nothing is printed beside the surface.
    assert.equal(png.data[3], 0);
  },
);
