// The journal: pieces with their photographs, what is said of them, and what comes back of it on the next plan.
import assert from 'node:assert/strict';
import { mkdtemp, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import { downloads, PHONE, press, reload, says, see, type, visit } from './support/browser.mjs';
import { pause, planOf, until } from './support/studio.mjs';
import { inFull } from './support/full.mjs';

const studio = atStudio();

const ask = async (path) => (await fetch(`${studio.url}/api/${path}`)).json();
const pieceNow = (id) => ask(`pieces/${id}`);
const pieceOf = async (title) =>
  (await ask(`pieces?search=${encodeURIComponent(title)}`)).pieces.find((p) => p.title === title);

/** A file with a picture as a camera makes it: so large, as JPEG. */
async function photographOf(page, width, height) {
  const base64 = await page.evaluate(
    async ([w, h]) => {
      const canvas = new OffscreenCanvas(w, h);
      const c = canvas.getContext('2d');
      for (let i = 0; i < 40; i++) {
        c.fillStyle = `hsl(${i * 47} 60% ${30 + (i % 5) * 10}%)`;
        c.fillRect((i * w) / 40, 0, w / 40 + 1, h);
      }
      const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.9 });
      return await new Promise((resolve) => {
        const reader = new FileReader();
        reader.onload = () => resolve(reader.result.split(',')[1]);
        reader.readAsDataURL(blob);
      });
    },
    [width, height],
  );
  const file = join(await mkdtemp(join(tmpdir(), 'potter-')), 'piece.jpg');
  await writeFile(file, Buffer.from(base64, 'base64'));
  return file;
}

async function choose(page, button, file) {
  const [chooser] = await Promise.all([page.waitForFileChooser(), press(page, 'button', button)]);
  await chooser.accept([file]);
}

test('a season of pieces is searched, narrowed and put in order', async () => {
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/journal`);
  await see(page, 'link', /^Damson Moon,/);
  await type(page, 'Search', 'bloom open');
  await see(page, 'link', /^Beetroot Bloom, open/);
  await until(
    () => page.$$eval('a[href^="/journal/piece-"]', (links) => links.length),
    (count) => count === 1,
  );
});

test('a set stands as one in the journal, each of its pieces with what became of it', async () => {
  const page = await studio.open(PHONE);
  const tiles = await pieceOf('Kale and Walnut tiles');
  await visit(page, `${studio.url}/journal/${tiles.id}`);
  // The studio has nothing of the third yet, and says so.
  page.expectRefusals = true;
  await press(page, 'radio', '3');
  await says(page, '3 of 6');
  await press(page, 'button', 'What became of it');
  await press(page, 'radio', 'Sold');
  await see(page, 'radio', '3, Sold');
  await press(page, 'radio', '1, Drying');
  await says(page, '1 of 6');
  await press(page, 'button', 'Back');
  await says(page, 'a set of 6');
  await says(page, '1 drying, 1 sold, 4 more');
  const rows = await page.$$eval(
    'a[aria-label^="Kale and Walnut tiles,"]',
    (links) => links.length,
  );
  assert.equal(rows, 1);
});

test(
  'with the studio away a picture is taken and squared up, and both are there once it is back',
  inFull,
  async () => {
    const page = await studio.open(PHONE, { away: true });
    const first = await pieceOf('Quince and Slate, the first');
    const { photographs: before = [] } = await pieceNow(first.id);
    await visit(page, `${studio.url}/journal/${first.id}`);
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await reload(page);
    await see(page, 'button', 'Choose some');
    page.expectRefusals = true;
    await studio.halt();
    await choose(
      page,
      'Choose some',
      join(import.meta.dirname, '../demo/orchard-ledger/photographs/quince-first-dry.jpg'),
    );
    // It stands there, chosen, beside those there were.
    await until(
      () => page.$$eval('[aria-label="Pictures"] [role="radio"]', (radios) => radios.length),
      (count) => count === before.length + 1,
    );
    await press(page, 'button', 'Square it up');
    await says(page, 'These look like its corners', 60_000);
    await press(page, 'button', 'Keep the corners');
    await says(page, 'Squared up; its light');
    await studio.resume();
    const { photographs } = await until(
      () => pieceNow(first.id),
      (piece) => (piece.photographs ?? []).length > before.length,
    );
    const taken = photographs.at(-1);
    assert.equal(taken.corners.length, 4);
    const picture = await until(
      () => fetch(`${studio.url}/api/pictures/${taken.picture}`),
      (answer) => answer.ok,
    );
    assert.equal(picture.headers.get('content-type'), 'image/jpeg');
  },
);

test('a verdict takes a dozen taps, stands at once, and is there after the studio was away', async () => {
  const page = await studio.open(PHONE, { away: true });
  const moon = await pieceOf('Damson Moon');
  await visit(page, `${studio.url}/journal/${moon.id}`);
  // Once the application is kept on the device.
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await reload(page);
  await see(page, 'heading', 'Damson Moon');
  // Its plan is there too: of that are its colours.
  await see(page, 'checkbox', 'Damson: survived');
  page.expectRefusals = true;
  await studio.halt();
  let taps = 0;
  const tap = async (role, name) => {
    taps++;
    await press(page, role, name);
  };
  for (const name of ['Cells: good', 'Bands: fair', 'Clean colours: good', 'Cover: poor'])
    await tap('checkbox', name);
  for (const name of ['Edges: good', 'Calm places: fair']) await tap('checkbox', name);
  for (const name of ['Damson: survived', 'Frosted kale: took over']) await tap('checkbox', name);
  await tap('button', 'What went wrong');
  await tap('checkbox', 'Bare or wiggly edges');
  assert.ok(taps <= 12, `${taps} taps`);
  // Why, by this plan's own figures.
  await see(page, 'listitem', /Little paint|Too little paint/);
  await press(page, 'button', 'Next time');
  await type(page, 'What to do otherwise', 'Lay the base into the corners first');
  await press(page, 'button', 'Note it for next time');
  await see(page, 'listitem', /Lay the base into the corners first/);
  const file = await photographOf(page, 4000, 3000);
  await choose(page, 'Choose some', file);
  await see(page, 'button', /^Take out: Wet/);
  // The page is closed while the studio is away: all of it waits on the device.
  await page.reload({ waitUntil: 'domcontentloaded' });
  await see(page, 'heading', 'Damson Moon');
  await studio.resume();
  const kept = await until(
    () => pieceNow(moon.id),
    (p) => p.photographs?.length === 1 && p.lessons?.length === 1,
  );
  assert.equal(kept.verdict.cover, 'poor');
  assert.deepEqual(kept.faults, ['bare-edges']);
  assert.equal(kept.colours.length, 2);
  const { picture } = kept.photographs[0];
  let sent;
  for (let i = 0; i < 200 && !sent?.ok; i++) {
    sent = await fetch(`${studio.url}/api/pictures/${picture}/small`);
    await pause(100);
  }
  assert.equal(sent.headers.get('content-type'), 'image/jpeg');
  await visit(page, `${studio.url}/journal`);
  await see(page, 'link', /^Damson Moon,/);
});

test('what was learnt comes back on a plan, and a place on a picture keeps what was said of it', async () => {
  const page = await studio.open(PHONE);
  const plan = await planOf(studio, 'Quince and Slate');
  await visit(page, `${studio.url}/plans/${plan.id}/moves`);
  await says(page, 'Lay the base into the corners first');
  // Heeded, it is said no more in this plan.
  await press(page, 'button', 'Heeded here');
  await page.waitForFunction(
    () => !document.body.innerText.includes('Lay the base into the corners first'),
  );
  await until(plan.get, ({ heeded }) => heeded?.length === 1);
  const moon = await pieceOf('Damson Moon');
  await visit(page, `${studio.url}/journal/${moon.id}`);
  const image = await page.waitForSelector('img[alt^="Wet"]');
  await image.click({ offset: { x: 60, y: 50 } });
  await type(page, 'What is there', 'Here it cracked');
  await press(page, 'button', 'Keep');
  await see(page, 'listitem', /Here it cracked/);
  const kept = await until(
    () => pieceNow(moon.id),
    (p) => p.photographs?.[0]?.marks?.length === 1,
  );
  assert.equal(kept.photographs[0].marks[0].says, 'Here it cracked');
});

test('a phone’s own kind of picture, and what is none, are refused in words; nothing is kept', async () => {
  const page = await studio.open(PHONE);
  const piece = await pieceOf('Walnut rings, autumn');
  await visit(page, `${studio.url}/journal/${piece.id}`);
  const folder = await mkdtemp(join(tmpdir(), 'potter-'));
  const heic = join(folder, 'a.heic');
  await writeFile(
    heic,
    Buffer.concat([Buffer.from([0, 0, 0, 24]), Buffer.from('ftypheic'), Buffer.alloc(64)]),
  );
  await choose(page, 'Choose some', heic);
  await says(page, 'This is an HEIC picture');
  const none = join(folder, 'a.jpg');
  await writeFile(none, 'no picture at all');
  await choose(page, 'Choose some', none);
  await says(page, 'This is no JPEG, PNG or WebP picture');
  assert.equal((await pieceNow(piece.id)).photographs.length, 1);
});

test('a piece has a page to print, with what it was made of and all that was said of it', async () => {
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/journal/piece-tile-one`);
  await press(page, 'button', 'A page to print');
  await see(page, 'heading', 'Kale tile, trial');
  await says(page, 'Made of');
  await says(page, 'Half as much walnut: it takes over the kale.');
  await see(page, 'button', 'Print it');
});

test('a piece from before has its picture alone; it is taken out and put back', async () => {
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/journal/new`);
  await type(page, 'Its name', 'The first one on the shelf');
  await choose(page, 'Choose its picture', await photographOf(page, 800, 600));
  await see(page, 'heading', 'The first one on the shelf');
  await until(
    () => pieceOf('The first one on the shelf'),
    (p) => p?.picture !== undefined,
  );
  await press(page, 'button', 'Strike it out');
  await says(page, 'The first one on the shelf is out of the journal.');
  await press(page, 'button', 'Put it back');
  await see(page, 'link', /^The first one on the shelf,/);
});

test('a photograph is squared up: its corners are found, moved by keys, kept, and laid beside the preview', async () => {
  const page = await studio.open(PHONE);
  const border = await pieceOf('Long Border, spring side');
  await visit(page, `${studio.url}/journal/${border.id}`);
  await press(page, 'button', 'Square it up');
  await says(page, 'These look like its corners');
  const corner = await page.waitForSelector('[role="slider"][aria-label="Upper left corner"]');
  await corner.focus();
  const at = () => corner.evaluate((node) => node.style.left);
  const before = Number.parseFloat(await at());
  await page.keyboard.press('ArrowRight');
  await until(at, (now) => Math.abs(Number.parseFloat(now) - before - 0.1) < 0.011);
  await page.keyboard.press('ArrowLeft');
  await press(page, 'button', 'Keep the corners');
  await says(page, 'Squared up; its light is');
  const kept = await until(
    () => pieceNow(border.id),
    (p) => p.photographs.some(({ corners }) => corners !== undefined),
  );
  const { corners } = kept.photographs.find((p) => p.corners);
  // A long panel: much wider than high, on a photograph of 4 : 3.
  assert.ok(corners[1][0] - corners[0][0] > 2 * (corners[3][1] - corners[0][1]));
});

/** Taps the map of cells where none is: it offers to say that one is there. */
async function tapOutsideCells(page) {
  const map = await page.$('canvas[aria-label^="What each place"]');
  for (const [x, y] of [30, 60, 90, 120, 150, 180].flatMap((v) => [
    [v, 150],
    [150, v],
  ])) {
    await map.click({ offset: { x, y } });
    await pause(100);
    if (await page.$('[aria-label="A cell, so wide"]')) return;
  }
  throw new Error('a cell is everywhere');
}

test(
  'a photograph is read against its plan: all of it is something, and a place is put right',
  inFull,
  async () => {
    const page = await studio.open(PHONE);
    const moon = await pieceOf('Damson Moon, small hours');
    await visit(page, `${studio.url}/journal/${moon.id}`);
    await press(page, 'button', 'What the picture says');
    await see(page, 'table', 'What shows, picture by picture');
    const rows = () =>
      page.$$eval('[role="row"]', (nodes) =>
        nodes.map((node) => [
          node.querySelector('[role="rowheader"]')?.getAttribute('aria-label') ?? '',
          ...[...node.querySelectorAll('[role="cell"], [role="columnheader"]')].map((n) =>
            n.innerText.trim(),
          ),
        ]),
      );
    const read = await until(rows, (now) => now[0]?.length === 6);
    assert.deepEqual(read[0].slice(2), ['Preview', 'Wet', 'Dry', 'Coated']);
    // Each colour, and what is none of them, make the whole face.
    const last = read.findIndex(([name]) => name === 'Blends nobody planned');
    assert.ok(last > 4);
    for (let column = 1; column <= 4; column++) {
      const whole = read
        .slice(1, last + 1)
        .reduce((sum, row) => sum + (row[column].startsWith('<') ? 0.3 : Number(row[column])), 0);
      assert.ok(Math.abs(whole - 100) <= last / 2 + 0.5, `column ${column}: ${whole}`);
    }
    const map = await page.waitForSelector('canvas[aria-label^="What each place"]');
    await map.evaluate((node) => node.scrollIntoView({ block: 'center' }));
    await map.click({ offset: { x: 150, y: 150 } });
    await press(page, 'button', /^What is there is/);
    await press(page, 'radio', 'Damson');
    await press(page, 'button', 'Read anew');
    await see(page, 'listitem', /^Damson, \d+ % across/);
    const told = await until(
      () => pieceNow(moon.id),
      (p) => p.photographs.some((one) => one.told?.length === 1),
    );
    assert.equal(told.photographs.at(-1).state, 'coated');
    await press(page, 'button', 'Take back: Damson');
    await until(
      () => pieceNow(moon.id),
      (p) => p.photographs.every((one) => one.told === undefined),
    );
    // A cell nobody saw is told, and counts; taken back, it does not.
    await press(page, 'radio', 'Cells');
    const counted = async () =>
      Number(/(\d+) are counted/.exec(await page.$eval('body', (b) => b.innerText))?.[1] ?? NaN);
    const before = await until(counted, (n) => n >= 0);
    await tapOutsideCells(page);
    await type(page, 'A cell, so wide', '7.5');
    await press(page, 'button', 'It is a cell');
    await until(counted, (n) => n === before + 1);
    await until(
      () => pieceNow(moon.id),
      (p) => p.photographs.some((one) => one.cells?.[0]?.widthMm === 7.5),
    );
    await press(page, 'button', 'Take back: A cell 7.5 mm wide');
    await until(counted, (n) => n === before);
  },
);

test(
  'cuts are found on a piece, whole and apart, and a mask is printed at true size',
  inFull,
  async () => {
    const page = await studio.open(PHONE);
    const moon = await pieceOf('Damson Moon, small hours');
    await visit(page, `${studio.url}/journal/${moon.id}`);
    await press(page, 'button', 'Cut out of it');
    await type(page, 'Cut, wide', '5 cm');
    await type(page, 'How many', '4');
    await press(page, 'button', 'Find the best cuts');
    await see(page, 'list', 'Cuts');
    const places = await page.$eval('[role="list"][aria-label="Cuts"]', (list) =>
      [
        ...list.innerText.matchAll(
          /([\d.]+) cm from the left, ([\d.]+) cm from the top(, across)?/g,
        ),
      ].map(([, x, y, across]) => {
        const [wide, high] = across ? [4, 5] : [5, 4];
        return { x: Number(x), y: Number(y), wide, high };
      }),
    );
    assert.equal(places.length, 4);
    // On a disc of 30 cm, to the tenth of a centimetre that is told.
    for (const { x, y, wide, high } of places)
      for (const [u, v] of [
        [x, y],
        [x + wide, y],
        [x, y + high],
        [x + wide, y + high],
      ])
        assert.ok(Math.hypot(u - 15, v - 15) < 15.2);
    places.forEach((one, i) =>
      places.slice(i + 1).forEach((other) => {
        const gapX = Math.abs(one.x + one.wide / 2 - other.x - other.wide / 2);
        const gapY = Math.abs(one.y + one.high / 2 - other.y - other.high / 2);
        assert.ok(gapX > (one.wide + other.wide) / 2 || gapY > (one.high + other.high) / 2);
      }),
    );
    const saved = await downloads(page, await mkdtemp(join(tmpdir(), 'potter-')));
    await press(page, 'button', 'Print a mask to cut by');
    await press(page, 'button', 'Save as PDF');
    assert.ok((await saved('.pdf')).length > 1000);
  },
);

test(
  'two wet pictures of a piece tell how its cells grew at rest, and how they will go on',
  inFull,
  async () => {
    const page = await studio.open(PHONE);
    const { id } = await pieceOf('Beetroot Bloom, first try');
    const piece = await pieceNow(id);
    const wet = piece.photographs.find(({ state }) => state === 'wet');
    const bytes = await (await fetch(`${studio.url}/api/pictures/${wet.picture}`)).arrayBuffer();
    const picture = 'picture-at-rest';
    const kept = await fetch(`${studio.url}/api/pictures/${picture}`, {
      method: 'PUT',
      headers: { 'content-type': 'image/jpeg' },
      body: bytes,
    });
    assert.equal(kept.status, 200);
    // The same moment again, five minutes on: nothing grew.
    const later = { ...wet, picture, at: wet.at + 5 * 60_000 };
    const put = await fetch(`${studio.url}/api/pieces/${id}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ now: { ...piece, photographs: [...piece.photographs, later] } }),
    });
    assert.equal(put.status, 200);
    await visit(page, `${studio.url}/journal/${id}`);
    await press(page, 'button', 'What the picture says');
    const rest = await see(page, 'group', 'At rest', 60_000);
    const text = await rest.evaluate((node) => node.innerText);
    assert.match(
      text,
      /In 5 min cells did not grow by more than can be told, 2 %, by \d+ that are in both/,
    );
    assert.match(text, /15 min on\s+0\s% wider/);
  },
);
