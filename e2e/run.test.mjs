// The pour at the table: by touch, over a reload, over a stopped server, with its timers.
import assert from 'node:assert/strict';
import { join } from 'node:path';
import { before, test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import { PHONE, press, reload, says, see, type, visit, WIDE } from './support/browser.mjs';
import { inFull } from './support/full.mjs';

const studio = atStudio();
let quince;
before(async () => {
  await studio.ready();
  quince = (await (await fetch(`${studio.url}/api/plans`)).json()).plans.find(
    (p) => p.title === 'Quince and Slate',
  );
});

const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
/** The pours of these tests, whole: the list has those of the last day so. */
const runs = async () =>
  (await (await fetch(`${studio.url}/api/runs`)).json()).runs.flatMap(({ run }) => run ?? []);
const secondsLeft = (page) =>
  page.$eval('[role="timer"]', (node) => {
    const [, minutes, seconds] = /(\d+):(\d+) left/.exec(node.getAttribute('aria-label'));
    return Number(minutes) * 60 + Number(seconds);
  });

async function begin(page) {
  await visit(page, `${studio.url}/plans/${quince.id}/pour`);
  // What computes its pictures is done, and hands the processors back.
  await says(page, 'is kept on this device', 60_000);
  await press(page, 'button', /^(Begin|Go on)/);
  await see(page, 'button', /^(Next|Finish)/);
}

test('a whole pour by touch: next, back, skip, note, finish; written in the journal, and on the rack', async () => {
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/plans/${quince.id}/pour`);
  await press(page, 'checkbox', 'Gloves on.');
  await begin(page);
  await says(page, '1 of 15');
  await press(page, 'button', /^Next/);
  await says(page, '2 of 15');
  // A glove's bounce: a second tap at once does nothing.
  await press(page, 'button', /^Next/);
  await says(page, '2 of 15');
  await press(page, 'button', 'Back');
  await says(page, '1 of 15');
  await press(page, 'button', 'Note');
  await type(page, 'Note on this move', 'lifted early');
  await press(page, 'button', 'Done');
  for (let i = 2; i <= 15; i++) {
    await press(page, 'button', 'Skip');
    await says(page, `${i} of 15`);
  }
  await wait(750);
  await press(page, 'button', 'Finish the pour');
  await says(page, 'Poured');
  await type(page, 'What would you do differently next time?', 'less slate');
  await press(page, 'button', 'To the bench');
  await see(page, 'link', /^Look whether it is dry, Quince and Slate/);
  for (let i = 0; i < 300 && !(await runs()).some((r) => r.note === 'less slate'); i++)
    await wait(100);
  const run = (await runs()).find((r) => r.planId === quince.id);
  assert.equal(run.note, 'less slate');
  assert.equal(run.moves[0].note, 'lifted early');
  assert.equal(run.moves.filter((m) => m.skipped).length, 14);
  assert.ok(run.endedAt > run.startedAt);
  await visit(page, `${studio.url}/journal`);
  await says(page, 'less slate');
});

test('a reload, and a closed tab, come back to the right move with the time that is left', async () => {
  const page = await studio.open(PHONE, { alone: true });
  await begin(page);
  await press(page, 'button', /^Next/);
  await says(page, '2 of 15');
  await see(page, 'timer', /left of/);
  const before = await secondsLeft(page);
  const from = Date.now();
  await wait(2000);
  await reload(page);
  await says(page, '2 of 15');
  const expected = before - (Date.now() - from) / 1000;
  assert.ok(
    Math.abs((await secondsLeft(page)) - expected) <= 2,
    `${await secondsLeft(page)} s left, ${expected} expected`,
  );

  const { href } = await page.evaluate(() => ({ href: location.href }));
  const context = page.browserContext();
  await page.close();
  const again = await context.newPage();
  await again.setViewport(PHONE);
  await visit(again, href);
  await says(again, '2 of 15');
  // The band shows it everywhere else.
  await visit(again, `${studio.url}/plans`);
  await see(again, 'link', /^Flip, Quince and Slate/);
});

test('with the server stopped the pour goes on, and the journal has it once it is back', async () => {
  const page = await studio.open(PHONE);
  page.expectRefusals = true;
  await begin(page);
  await studio.halt();
  await press(page, 'button', 'Skip');
  await press(page, 'button', 'Skip');
  const shown = await page.evaluate(() => /(\d+) of 15/.exec(document.body.innerText)[1]);
  await page.evaluate(() => globalThis.scrollTo(0, 0));
  await studio.resume();
  // The page asks again in a while, the longer the oftener it was in vain.
  for (let i = 0; i < 300; i++) {
    const open = (await runs()).find((r) => r.planId === quince.id && r.endedAt === undefined);
    if (open && open.at + 1 === Number(shown)) break;
    await wait(100);
  }
  const open = (await runs()).find((r) => r.planId === quince.id && r.endedAt === undefined);
  assert.equal(open.at + 1, Number(shown));
});

test('from any move: a picture and what was added beside the plan, in the journal, off the shelf; each can be taken out', async () => {
  const page = await studio.open(PHONE);
  page.expectRefusals = true;
  await begin(page);
  const snap = async () => {
    const [chooser] = await Promise.all([
      page.waitForFileChooser(),
      press(page, 'button', 'Picture'),
    ]);
    await chooser.accept([
      join(import.meta.dirname, '../demo/orchard-ledger/photographs/tile-one-dry.jpg'),
    ]);
  };
  await snap();
  await see(page, 'img', /^Taken at/);
  await press(page, 'button', 'Added');
  await press(page, 'radio', 'Slate');
  await type(page, 'How much, g', '20');
  await press(page, 'radio', 'a new pot');
  // The studio goes away in the middle: it is kept here.
  await studio.halt();
  await press(page, 'button', 'It went on: 20 g');
  await says(page, '20 g of Slate, mixed for it');
  await type(page, 'How much, g', '5');
  await press(page, 'button', 'It went on: 5 g');
  await press(page, 'button', 'Take out 5 g of Slate, mixed for it');
  await page.waitForFunction(() => !document.body.innerText.includes('5 g of Slate, mixed'));
  await studio.resume();
  await reload(page);
  await says(page, '20 g of Slate, mixed for it');
  let run;
  for (let i = 0; i < 300 && !run?.moves.some((m) => m.added); i++) {
    run = (await runs()).find((r) => r.planId === quince.id && r.endedAt === undefined);
    await wait(100);
  }
  const move = run.moves[run.at];
  assert.deepEqual(
    move.added.map(({ mix, g, anew }) => ({ mix, g, anew })),
    [{ mix: 'm-slate', g: 20, anew: true }],
  );
  const [{ picture }] = move.pictures;
  assert.equal((await fetch(`${studio.url}/api/pictures/${picture}`)).status, 200);
});

test('space, Enter and a foot pedal go on, unless another control has the focus', async () => {
  const page = await studio.open(WIDE);
  await begin(page);
  const at = async () =>
    Number(await page.evaluate(() => /(\d+) of 15/.exec(document.body.innerText)[1]));
  await page.evaluate(() => document.activeElement?.blur());
  const start = await at();
  await page.keyboard.press('PageDown');
  await says(page, `${start + 1} of 15`);
  await wait(750);
  await page.keyboard.press('Space');
  await says(page, `${start + 2} of 15`);
  await wait(750);
  await page.focus('[aria-label="Back"]');
  await page.keyboard.press('Enter');
  await says(page, `${start + 1} of 15`);
});

test(
  'pictures of moves come finer a while later, where there is a processor to spare',
  inFull,
  async () => {
    const page = await studio.open(PHONE, { processors: 2, alone: true });
    await begin(page);
    const wider = (than) =>
      page
        .waitForFunction(
          (px) => {
            const image = document.querySelector('[aria-label^="Now; press"] img');
            return image?.naturalWidth > px && image.naturalWidth;
          },
          // It takes its time, and half of what there is.
          { timeout: 240_000, polling: 200 },
          than,
        )
        .then((handle) => handle.jsonValue());
    await wider(await wider(0));
  },
);
