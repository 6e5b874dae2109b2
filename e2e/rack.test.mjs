// After the pour, on the phone: a two-part coat weighed, its open time, the rack with its acts, days found and clashes mended.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import { PHONE, press, reload, says, see, textOf, type, visit } from './support/browser.mjs';
import { kept, planOf, until } from './support/studio.mjs';
import { inFull } from './support/full.mjs';

const studio = atStudio();

const runsOf = async (plan) =>
  (await (await fetch(`${studio.url}/api/runs`)).json()).runs.filter((r) => r.planId === plan);
const whole = async (id) => (await fetch(`${studio.url}/api/runs/${id}`)).json();

test(
  'a two-part coat is set on a plan, weighed at the table, its open time runs on though the page is killed, and ends on the rack',
  inFull,
  async () => {
    const page = await studio.open(PHONE);
    const plan = await planOf(studio, 'Key tray');
    await visit(page, `${studio.url}/plans/${plan.id}/finish`);
    await press(page, 'button', 'Add a top coat');
    await press(page, 'radio', 'Two-part resin');
    await press(page, 'button', 'What its sheet says');
    await press(page, 'radio', '2 : 1');
    await press(page, 'button', 'Set it on the plan');
    await see(page, 'listitem', /2 Top coat/);
    await kept(
      plan,
      (p) => p.sheets?.resin?.parts[0] === 2 && p.moves.some((m) => m.verb === 'pop'),
    );

    await visit(page, `${studio.url}/plans/${plan.id}/pour`);
    await press(page, 'radio', '2 Top coat');
    await press(page, 'button', /^Begin /);
    await press(page, 'button', 'I have read it');
    await press(page, 'button', /^Weigh it, \d+ g$/);
    await press(page, 'radio', 'Scale, I type');
    await press(page, 'button', 'The cup is on');
    const weighed = [];
    for (const part of ['Resin', 'Hardener']) {
      await see(page, 'heading', part);
      const text = await textOf(page);
      const g = /the scale should read ([\d.]+) g/.exec(text)[1];
      weighed.push(Number(g));
      await type(page, 'The scale reads, g', g);
      await press(page, 'button', `Take ${g} g`);
    }
    // 2 : 1 by volume of 1.15 and 1.05 g/mL.
    assert.ok(Math.abs(weighed[0] / weighed[1] - (2 * 1.15) / 1.05) < 0.1, String(weighed));
    await says(page, 'It stays open until');
    // The battery dies: what was mixed is known, and its time has gone on.
    await reload(page);
    await press(page, 'button', 'To the coat');
    await see(page, 'timer', /^(40:00|39:\d\d) left of 40:00$/);
    await reload(page);
    await see(page, 'timer', /^39:\d\d left of 40:00$/);
    await says(page, `Batch 1, ${weighed[0] + weighed[1]} g`);
    for (const next of ['Pop the bubbles', 'Cover it from dust']) {
      await press(page, 'button', /^Next/);
      await see(page, 'heading', next);
      await new Promise((resolve) => setTimeout(resolve, 750));
    }
    await press(page, 'button', 'Finish the pour');
    await press(page, 'button', 'To the bench');
    const [run] = await until(
      () => runsOf(plan.id),
      (runs) => runs.some((r) => r.endedAt !== undefined),
    );
    const [coat] = (await whole(run.id)).moves;
    assert.deepEqual(
      coat.mixed[0].of.map(({ material, g }) => [material, g]),
      [
        ['resin', weighed[0]],
        ['hardener', weighed[1]],
      ],
    );
    // It dries by its sheet: dry to the touch after a day, cured after three at the soonest.
    assert.equal(run.dries.find(({ act }) => act === 'touch').fromMin, 24 * 60);
    assert.equal(run.dries.at(-1).fromMin, 72 * 60);
  },
);

test('the rack: days found for plans without one and taken back, room that is too little, a check that moves the forecast, a piece that hangs', async () => {
  const page = await studio.open(PHONE);
  // A commission: for whom and at what price stands on the rack too.
  const bloom = await planOf(studio, 'Beetroot Bloom');
  await visit(page, `${studio.url}/plans/${bloom.id}/finish`);
  await press(page, 'button', 'For whom, and the price');
  await type(page, 'For', 'The mill');
  await type(page, 'Sold for, EUR, one piece', '120');
  await kept(bloom, (p) => p.commission?.for === 'The mill' && p.price === 120);
  await visit(page, `${studio.url}/bench`);
  await press(page, 'link', 'Rack, dates and clashes');
  await press(page, 'button', 'Find days');
  await press(page, 'button', 'Set these days');
  await says(page, 'for The mill');
  await see(page, 'button', 'Take them back');
  const dated = async () =>
    (await (await fetch(`${studio.url}/api/rack`)).json()).plans.filter((p) => p.pour).length;
  const all = (await (await fetch(`${studio.url}/api/rack`)).json()).plans.length;
  assert.equal(await until(dated, (n) => n === all), all);
  // No two on one day more than the house has them, and none at once.
  const { plans } = await (await fetch(`${studio.url}/api/rack`)).json();
  assert.equal(new Set(plans.map(({ pour }) => pour)).size, plans.length);

  await press(page, 'button', 'Room and hours');
  await press(page, 'radio', 'Yes');
  await type(page, 'Boards', '1');
  await type(page, 'Wide', '30 cm');
  // The soonest stand there at once; all but the smallest are too large now.
  await press(page, 'button', /^Show all \d+ clashes$/);
  await says(page, 'is larger than a board');
  await type(page, 'Wide', '100 cm');
  const toPour = async () => Number(/(\d+)\s+to pour/.exec(await textOf(page))?.[1] ?? 0);
  const planned = await toPour();
  await press(page, 'button', 'Take them back');
  assert.ok((await until(dated, (n) => n < all)) < all);
  // The page follows a moment later, and its rows move for it.
  await until(toPour, (n) => n < planned);

  await press(page, 'button', 'Add a market day');
  await press(page, 'button', 'Market');
  await says(page, '0 will be there for sure. 10 more to plan. Pour by');

  await press(page, 'radio', 'Week');
  await says(page, ', today');
  await press(page, 'radio', 'List');
  const [moon] = await runsOf((await planOf(studio, 'Damson Moon')).id);
  await visit(page, `${studio.url}/journal/${moon.id}`);
  await press(page, 'button', 'Still tacky');
  const later = await until(
    async () => (await runsOf(moon.planId))[0],
    (r) => r.dries[0].toMin > moon.dries[0].toMin,
  );
  assert.ok(later.dries.at(-1).toMin > moon.dries.at(-1).toMin);
});
