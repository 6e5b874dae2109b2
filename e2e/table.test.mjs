// At the table: pieces of a set, repairs, what is left; a long pour whose page is killed at every move; two devices at one pour.
import assert from 'node:assert/strict';
import { join } from 'node:path';
import { before, test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import {
  openPage,
  PHONE,
  press,
  reload,
  says,
  see,
  type,
  visit,
  WIDE,
} from './support/browser.mjs';
import { FULL, inFull } from './support/full.mjs';

const studio = atStudio();
let plans;
before(async () => {
  await studio.ready();
  ({ plans } = await (await fetch(`${studio.url}/api/plans`)).json());
});

/** The page is killed at every so many moves. */
const EVERY = FULL ? 1 : 14;

const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
const idOf = (title) => plans.find((plan) => plan.title === title).id;
const runOf = async (planId) =>
  (await (await fetch(`${studio.url}/api/runs`)).json()).runs
    .flatMap(({ run }) => run ?? [])
    .filter((run) => run.planId === planId)
    .sort((one, other) => other.startedAt - one.startedAt)[0];

/** Waits until the studio has the run so. */
async function kept(planId, so) {
  let run;
  for (let i = 0; i < 100; i++) {
    run = await runOf(planId);
    if (run && so(run)) return run;
    await wait(100);
  }
  assert.fail(`the studio never had it so: ${JSON.stringify(run?.moves)}`);
}

/** A plan with four more tilts before its rest, by its id. */
async function longer(title) {
  const { plan } = await (await fetch(`${studio.url}/api/plans/${idOf(title)}`)).json();
  const tilt = plan.moves.find((move) => move.verb === 'tilt');
  const last = plan.moves.findLastIndex((move) => move.verb === 'tilt') + 1;
  const more = [1, 2, 3, 4].map((n) => ({ ...tilt, id: `more-${n}` }));
  const moves = [...plan.moves.slice(0, last), ...more, ...plan.moves.slice(last)];
  const made = await fetch(`${studio.url}/api/plans`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ plan: { ...plan, title: `${title}, longer`, moves } }),
  });
  return (await made.json()).id;
}

/** Waits for the picture of the piece at this move. */
const pictured = (page) =>
  page.waitForFunction(() => document.querySelector('[aria-label^="Now; press"] img'), {
    timeout: 60_000,
  });

async function begin(page, id) {
  await visit(page, `${studio.url}/plans/${id}/pour`);
  await press(page, 'button', /^(Begin|Go on)/);
  await see(page, 'button', /^(Next|Piece|Finish)/);
  return page.evaluate(() => location.href);
}

const counted = (page) =>
  page.evaluate(() => Number(/(\d+) of \d+/.exec(document.body.innerText)[1]));
const left = (page) =>
  page.evaluate(() => {
    const label = document.querySelector('[role="timer"]')?.getAttribute('aria-label');
    const [, sign, h = '0', m, s] = /^(\D?)(?:(\d+):)?(\d+):(\d+) left/.exec(label ?? '') ?? [];
    return m === undefined ? undefined : (sign ? -1 : 1) * (3600 * h + 60 * m + Number(s));
  });
/** Waits until the page shows what a pattern tells. */
const reads = (page, { source, flags }) =>
  page.waitForFunction(
    (pattern, how) => new RegExp(pattern, how).test(document.body.innerText),
    { timeout: 20_000, polling: 100 },
    source,
    flags,
  );
const at = (page, share) =>
  page.$eval(
    '[aria-label="Where on the piece"]',
    (node, [x, y]) => {
      node.scrollIntoView({ block: 'center' });
      const box = node.getBoundingClientRect();
      return [box.x + x * box.width, box.y + y * box.height];
    },
    share,
  );
const snap = async (page) => {
  const [chooser] = await Promise.all([
    page.waitForFileChooser(),
    press(page, 'button', 'Picture'),
  ]);
  await chooser.accept([
    join(import.meta.dirname, '../demo/orchard-ledger/photographs/tile-one-dry.jpg'),
  ]);
  await see(page, 'img', /^Taken at/);
};

test(
  '28 moves with additions, a picture and a rest of two hours, killed on the way, the studio away halfway: right move, right time, nothing lost',
  inFull,
  async () => {
    let page = await studio.open(PHONE, { away: true });
    page.expectRefusals = true;
    const planId = await longer('Number 31');
    const href = await begin(page, planId);
    await pictured(page);
    const begun = await kept(planId, (run) => run.at === 0);
    const moves = begun.moves.length;
    assert.ok(moves >= 25);
    const verbOf = ({ move }) => begun.plan.moves.find(({ id }) => id === move).verb;
    const rest = begun.moves.findIndex((move) => verbOf(move) === 'rest') + 1;
    await press(page, 'button', 'I have read it');
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    const context = page.browserContext();
    let skewMs = 0;
    for (let move = 1; move <= moves; move++) {
      assert.equal(await counted(page), move);
      if (move === 4) {
        await press(page, 'button', 'Added');
        await type(page, 'How much, g', '7');
        await page.mouse.click(...(await at(page, [0.5, 0.5])));
        await press(page, 'button', 'It went on: 7 g');
        await reads(page, /7 g of .*middle/);
        await press(page, 'button', 'Close');
        await pictured(page);
      }
      if (move === 6) await snap(page);
      if (move === Math.floor(moves / 2)) await studio.halt();
      if (move === moves - 3) await studio.resume();
      const killed = move % EVERY === 0 || move === rest;
      const before = await left(page);
      const from = Date.now();
      // The battery dies; the next page is another.
      if (killed) {
        await page.close();
        page = await openPage(context, PHONE, { away: true });
        page.expectRefusals = true;
        if (skewMs) await page.evaluateOnNewDocument(later, skewMs);
        await visit(page, href);
        await see(page, 'button', /^(Next|Piece|Finish)/);
      }
      const expected = before === undefined ? undefined : before - (Date.now() - from) / 1000;
      const [here, now] = [await counted(page), await left(page)];
      if (here === move + 1) {
        // Both hands held the piece, and its time was up.
        assert.ok(expected < 1, `${expected} s were left, and it went on`);
        continue;
      }
      assert.equal(here, move, 'it comes back to the same move');
      if (expected !== undefined)
        assert.ok(Math.abs(now - expected) <= 1.1, `${now} s left, ${expected} expected`);
      if (move === rest) {
        // Two hours pass at it.
        skewMs = 2 * 3_600_000;
        const was = await left(page);
        await page.evaluate(later, skewMs);
        await page.evaluateOnNewDocument(later, skewMs);
        await wait(400);
        const after = await left(page);
        if (was !== undefined) assert.ok(Math.abs(was - after - 7200) <= 2, `${was} → ${after}`);
      }
      if (move < moves) {
        await press(page, 'button', 'Skip');
        await says(page, `${move + 1} of ${moves}`);
      }
    }
    assert.equal(await counted(page), moves);
    await wait(750);
    await press(page, 'button', 'Finish the pour');
    await says(page, 'Poured');
    const run = await kept(planId, (one) => one.endedAt !== undefined);
    assert.equal(run.moves.filter((m) => m.endedAt !== undefined).length, moves);
    assert.ok(run.endedAt - run.startedAt >= skewMs);
    assert.deepEqual(
      run.moves.flatMap((m, i) => (m.added ?? []).map(({ g, atMm }) => [i, g, atMm?.length])),
      [[3, 7, 2]],
    );
    assert.equal(run.moves[5].pictures.length, 1);
    assert.ok(run.careSeenAt > 0);
    // Each move began as the one before it ended.
    run.moves.slice(1).forEach((m, i) => assert.equal(m.startedAt, run.moves[i].endedAt));
  },
);

/** The clocks of a page so much later. */
function later(by) {
  const [wall, count] = [Date.now.bind(Date), performance.now.bind(performance)];
  Date.now = () => wall() + by;
  performance.now = () => count() + by;
}

test(
  'two devices at one pour: both see each press, what both add is there once each',
  inFull,
  async () => {
    const [one, other] = [
      await studio.open(PHONE, { alone: true }),
      await studio.open(WIDE, { alone: true }),
    ];
    const href = await begin(one, idOf('Quince and Slate'));
    await visit(other, href);
    await says(other, '1 of 15');
    await press(one, 'button', 'Note');
    await type(one, 'Note on this move', 'by the phone');
    await press(one, 'button', 'Done');
    await press(other, 'button', 'Added');
    await type(other, 'How much, g', '3');
    await press(other, 'button', 'It went on: 3 g');
    await press(other, 'button', 'Close');
    await reads(one, /3 g of/);
    await press(one, 'button', 'Skip');
    await says(other, '2 of 15');
    await press(other, 'button', 'Skip');
    await says(one, '3 of 15');
    const run = await kept(idOf('Quince and Slate'), (now) => now.at === 2);
    assert.equal(run.moves[0].note, 'by the phone');
    assert.deepEqual(
      run.moves.map(({ added = [] }) => added.length),
      run.moves.map((_, i) => (i === 0 ? 1 : 0)),
    );
    assert.equal(run.moves.filter((m) => m.skipped).length, 2);
  },
);

test('on a set each move goes piece by piece, back the same way, or is done on all', async () => {
  const page = await studio.open(PHONE);
  const id = idOf('Kale and Walnut tiles');
  await visit(page, `${studio.url}/plans/${id}/pour`);
  // They were poured once: the coat would be next.
  await press(page, 'radio', '1 Pour, done');
  await press(page, 'button', /^Begin/);
  await reads(page, /piece 1 of \d+/);
  await press(page, 'button', /^Piece 2 of/);
  await reads(page, /piece 2 of/);
  await reload(page);
  await reads(page, /piece 2 of/);
  await press(page, 'button', 'Back');
  await reads(page, /piece 1 of/);
  await press(page, 'button', /^Done on all/);
  await reads(page, /^2 of/m);
});

test(
  'a repair is offered from what is nearest in colour; what is left becomes the next piece, and takes nothing off the shelf',
  inFull,
  async () => {
    const page = await studio.open(PHONE);
    await begin(page, idOf('Damson Moon'));
    for (const move of [2, 3]) {
      await press(page, 'button', 'Skip');
      await reads(page, new RegExp(`^${move} of`, 'm'));
    }
    await press(page, 'button', 'Ran out');
    await page.waitForFunction(
      () => document.querySelector('[aria-label="Where on the piece"] img'),
      { timeout: 60_000 },
    );
    await page.mouse.click(...(await at(page, [0.5, 0.5])));
    await see(page, 'list', 'What suits there');
    await reads(page, /cannot be told apart|close|will be seen/);
    await press(page, 'button', 'Close');
    const moves = await page.evaluate(() =>
      Number(/\d+ of (\d+)/.exec(document.body.innerText)[1]),
    );
    for (let move = 4; move <= moves; move++) {
      await press(page, 'button', 'Skip');
      await reads(page, new RegExp(`^${move} of`, 'm'));
    }
    await wait(750);
    await press(page, 'button', 'Finish the pour');
    await press(page, 'button', 'Carry on with what is left');
    await says(page, 'what was left');
    const id = await page.evaluate(() => /plans\/([^/]+)/.exec(location.pathname)[1]);
    const { plan } = await (await fetch(`${studio.url}/api/plans/${id}`)).json();
    const run = await runOf(idOf('Damson Moon'));
    assert.equal(plan.leftOf.run, run.id);
    assert.equal(plan.surface.pieces, 1);
    await visit(page, `${studio.url}/shopping?plans=${id}`);
    await see(page, 'heading', /Shopping/);
    const listed = await page.evaluate(() => document.body.innerText);
    assert.doesNotMatch(listed, /soft body|Conditioner/);
  },
);

test(
  'dots over the cured coat: a stage with its own colours, amounts, ready check and pictures; run on its day, and taken out',
  inFull,
  async () => {
    const page = await studio.open(PHONE);
    const id = idOf('Frosted Kale');
    await visit(page, `${studio.url}/plans/${id}/finish`);
    await press(page, 'button', /^Add dots/);
    await press(page, 'radio', 'Brushed petals');
    const colour = await page.$eval('[role="checkbox"]', (node) => node.getAttribute('aria-label'));
    await press(page, 'checkbox', colour);
    await press(page, 'button', 'Set them on the coat');
    await reads(page, /3 Dots/);
    await visit(page, `${studio.url}/plans/${id}/pour`);
    await press(page, 'radio', /Dots/);
    await says(page, 'What lies under it has cured');
    await reads(page, /dotting tool .* at hand/);
    await press(page, 'button', /^Begin/);
    await reads(page, /^1 of 4/m);
    await pictured(page);
    for (let move = 2; move <= 4; move++) {
      await press(page, 'button', 'Skip');
      await reads(page, new RegExp(`^${move} of`, 'm'));
    }
    await wait(750);
    await press(page, 'button', 'Finish the pour');
    await says(page, 'Dots: done');
    const run = await kept(id, (one) => one.endedAt !== undefined && one.stage === 2);
    assert.equal(run.moves.length, 4);
    await visit(page, `${studio.url}/journal`);
    await says(page, 'Frosted Kale, dots');
    await visit(page, `${studio.url}/plans/${id}/pour`);
    await see(page, 'radio', /Dots, done/);
    await visit(page, `${studio.url}/plans/${id}/finish`);
    await press(page, 'button', /^Take out stage 3/);
    await page.waitForFunction(() => !/3 Dots/.test(document.body.innerText));
  },
);
