// Whatever the network, the studio or the device's storage does, what was made is in the studio in the end, or in sight.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import { PHONE, press, reload, says, see, type, visit } from './support/browser.mjs';
import { kept, pause, planOf } from './support/studio.mjs';
import { inFull } from './support/full.mjs';

const studio = atStudio();

/** Has saves to paths like this answered by `how` instead of the studio, as long as it returns something. */
async function answering(page, like, how) {
  page.expectRefusals = true;
  await page.setRequestInterception(true);
  page.on('request', (request) => {
    const saves = request.method() === 'PUT' && like.test(new URL(request.url()).pathname);
    const answer = saves ? how() : undefined;
    if (answer === 'lost') void request.abort('connectionreset');
    else if (answer !== undefined)
      void request.respond({
        status: answer,
        contentType: 'application/json',
        body: JSON.stringify({
          error: { code: 'trouble', message: 'The studio would not have it.', faults: [] },
        }),
      });
    else void request.continue();
  });
}

const runOf = async (planId) => {
  const { runs } = await (await fetch(`${studio.url}/api/runs`)).json();
  return runs.find((r) => r.planId === planId && r.run && r.run.endedAt === undefined)?.run;
};
async function runAt(planId, at, tries = 150) {
  for (let i = 0; i < tries; i++) {
    if ((await runOf(planId))?.at === at) return;
    await pause(100);
  }
  assert.fail(`the studio never had the run at move ${at}`);
}

async function begin(page, id) {
  await visit(page, `${studio.url}/plans/${id}/pour`);
  await press(page, 'button', /^(Begin|Go on)/);
  await see(page, 'button', 'Skip');
}

test(
  'saves of a pour that are answered 500, 408, 429 or not at all reach the studio',
  inFull,
  async () => {
    const { id } = await planOf(studio, 'Quince and Slate');
    const page = await studio.open(PHONE);
    const faults = [500, 408, 'lost'];
    await answering(page, /^\/api\/runs\//, () => faults.shift());
    await begin(page, id);
    await press(page, 'button', 'Skip');
    await says(page, '2 of 15');
    // Back on the network, nobody waits out the pause.
    for (let i = 0; i < 4; i++) {
      await pause(300);
      await page.evaluate(() => dispatchEvent(new Event('online')));
    }
    await runAt(id, 1);
    assert.deepEqual(faults, []);
  },
);

test('a pour the studio refuses for good stays here, is said on every screen and over a reload, and goes when it is sent again', async () => {
  const { id } = await planOf(studio, 'Number 27');
  const page = await studio.open(PHONE);
  let refusing = true;
  await answering(page, /^\/api\/runs\//, () => (refusing ? 400 : undefined));
  await begin(page, id);
  await says(page, 'The pour of Number 27 is on this device but not in the studio.');
  await visit(page, `${studio.url}/journal`);
  await says(page, 'The studio would not have it.');
  assert.equal(await runOf(id), undefined);
  refusing = false;
  await press(page, 'button', /^Send again/);
  await runAt(id, 0);
  await page.waitForFunction(() => !document.body.innerText.includes('not in the studio'));
});

test('with storage forbidden a pour reaches a healthy studio, and is called kept by nobody while the studio is away', async () => {
  const { id } = await planOf(studio, 'Damson Moon');
  const page = await studio.open(PHONE);
  await page.evaluateOnNewDocument(() => {
    const refuse = () => {
      throw new DOMException('forbidden', 'SecurityError');
    };
    Storage.prototype.setItem = refuse;
    IDBFactory.prototype.open = refuse;
  });
  let away = false;
  await answering(page, /^\/api\//, () => (away ? 'lost' : undefined));
  await begin(page, id);
  await runAt(id, 0);
  away = true;
  await press(page, 'button', 'Skip');
  await says(page, 'One change is only on this page');
  away = false;
  await page.evaluate(() => dispatchEvent(new Event('online')));
  await runAt(id, 1);
  await visit(page, `${studio.url}/plans/${id}/surface`);
  away = true;
  await type(page, 'Pieces', '3');
  await says(page, 'only on this page');
  away = false;
  await page.evaluate(() => dispatchEvent(new Event('online')));
  await says(page, 'saved');
});

test('two tabs of one device on one plan while the studio is away: both edits are in the plan, and there is no copy', async () => {
  const plan = await planOf(studio, 'Kale and Walnut tiles');
  const one = await studio.open(PHONE);
  const two = await one.browserContext().newPage();
  await two.setViewport(PHONE);
  const address = `${studio.url}/plans/${plan.id}/surface`;
  let away = false;
  for (const page of [one, two]) {
    await answering(page, /^\/api\/plans\//, () => (away ? 'lost' : undefined));
    await visit(page, address);
  }
  away = true;
  await one.bringToFront();
  await type(one, 'Pieces', '5');
  await says(one, 'kept on this device');
  await two.bringToFront();
  await two.waitForFunction(() => document.querySelector('[aria-label="Pieces"]').value === '5');
  await type(two, 'Edge depth', '21');
  await says(two, 'kept on this device');
  away = false;
  for (const page of [one, two]) await page.evaluate(() => dispatchEvent(new Event('online')));
  const now = await kept(plan, (p) => p.surface.edgeDepthMm === 21);
  assert.equal(now.surface.pieces, 5);
  const { plans } = await (await fetch(`${studio.url}/api/plans`)).json();
  assert.deepEqual(
    plans.filter((p) => p.title.includes('second copy')),
    [],
  );
});

test('a page open while the application is renewed misses a part: it loads anew by itself, and never shows nothing', async () => {
  const page = await studio.open(PHONE);
  page.expectRefusals = true;
  // The old parts are gone from the studio until the page is loaded anew.
  let renewed = false;
  await page.setRequestInterception(true);
  page.on('request', (request) => {
    if (request.isNavigationRequest() && page.url() !== 'about:blank') renewed = true;
    const part = /\/_expo\/static\/js\/web\/screens-/.test(request.url());
    if (part && !renewed) void request.respond({ status: 404, body: '' });
    else void request.continue();
  });
  await visit(page, `${studio.url}/bench`);
  assert.equal(renewed, false);
  await press(page, 'link', /^Trials/);
  await see(page, 'heading', 'Trials');
  assert.equal(renewed, true);
  await page.close();

  // Where it stays missing, that is said, with a way on.
  const lost = await studio.open(PHONE);
  lost.expectRefusals = true;
  await lost.setRequestInterception(true);
  lost.on('request', (request) =>
    /\/_expo\/static\/js\/web\/screens-/.test(request.url())
      ? void request.respond({ status: 404, body: '' })
      : void request.continue(),
  );
  await visit(lost, `${studio.url}/bench`);
  await press(lost, 'link', /^Trials/);
  await says(lost, 'A part is missing');
  await press(lost, 'button', 'To the bench');
  await see(lost, 'heading', 'Bench');
});

test('a clock set back two days moves no timer, is said, and over a reload the pour goes on', async () => {
  const { id } = await planOf(studio, 'Quince and Slate');
  const page = await studio.open(PHONE);
  await page.evaluateOnNewDocument(() => {
    const now = Date.now.bind(Date);
    Date.now = () => now() - Number(sessionStorage.getItem('set-back') ?? 0);
  });
  await begin(page, id);
  const timer = () =>
    page.$eval('[role="timer"]', (node) => {
      const [, minutes, seconds] = /(\d+):(\d+) left/.exec(node.getAttribute('aria-label'));
      return Number(minutes) * 60 + Number(seconds);
    });
  for (let i = 0; i < 3 && !(await page.$('[role="timer"]')); i++) {
    await press(page, 'button', 'Skip');
    await pause(800);
  }
  const before = await timer();
  await page.evaluate(() => sessionStorage.setItem('set-back', String(48 * 3_600_000)));
  await says(page, 'was set back by 48 h');
  const after = await timer();
  assert.ok(before - after >= 0 && before - after < 30, `${before} s, then ${after} s`);
  await reload(page);
  await says(page, 'was set back by 48 h');
  assert.ok((await timer()) <= before + 1);
});
