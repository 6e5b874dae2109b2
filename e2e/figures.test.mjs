// One account: a figure that stands on two screens is one figure, in the demo's plans and in twenty made ones.
import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import { goOn, PHONE, press, says, textOf, visit } from './support/browser.mjs';
import { FULL, inFull } from './support/full.mjs';

const studio = atStudio();
const root = join(import.meta.dirname, '..');
/** Minutes pass between two questions: a connection kept open is closed by the studio just as it is taken up again. */
const APART = { connection: 'close' };
/** The short run looks at every seventh of the demo’s. */
const EVERY_DEMO = FULL ? 1 : 7;

function madePlans() {
  const { status, stdout } = spawnSync('npx', ['tsx', 'e2e/support/made-plans.ts'], {
    cwd: root,
    encoding: 'utf8',
    maxBuffer: 1 << 26,
  });
  assert.equal(status, 0);
  return JSON.parse(stdout);
}

const number = (text, pattern, what) => {
  const found = pattern.exec(text);
  assert.ok(found, `${what} is told`);
  return Number(found[1]);
};
/** What is rounded to a step for the eye may differ by that step, and no more. */
const same = (a, b, what, by = 1) =>
  assert.ok(Math.abs(a - b) <= by + 1e-9, `${what}: ${a} and ${b}`);
/** Amounts by the row's own name, g. */
const row = (text, name) => {
  const found = new RegExp(`${name}[^\\n]*\\n[\\d.]+ mL\\n([\\d.]+)\\s*g`).exec(text);
  return found ? Number(found[1]) : 0;
};
const labels = (page, selector) =>
  page.$$eval(selector, (nodes) => nodes.map((n) => n.getAttribute('aria-label') ?? ''));

async function checked(page, id, title) {
  const see = async (station) => {
    await goOn(page, `/plans/${id}/${station}`);
    return textOf(page);
  };
  const surface = await see('surface');
  const vital = (text) => ({
    g: number(text, /([\d.]+)\s*g paint/, `${title}: paint`),
    mm: number(text, /([\d.]+)\s*mm film/, `${title}: film`),
    cups: number(text, /([\d.]+)\s*(?:cups?|fills)\n/, `${title}: cups`),
  });
  const figures = vital(surface);
  same(row(surface, 'Everything'), figures.g, `${title}: everything and the line of figures`);
  const parts = [
    'Colours, for the cups',
    'Base coat',
    'Edges',
    'Activator',
    'Extender',
    'Kept for repairs',
  ];
  const sum = parts.reduce((total, part) => total + row(surface, part), 0);
  same(sum, figures.g, `${title}: the amounts and their sum`, 0.5);

  const chosen = await page.$eval(
    '[role="radiogroup"][aria-label="How much paint"] [aria-checked="true"]',
    (node) => node.innerText,
  );
  same(Number(/([\d.]+)\s*g$/.exec(chosen)[1]), figures.g, `${title}: its school`);
  const offOf = (text) => Number(/about (\d+) g \((\d+) %\) run off/.exec(text)?.[1] ?? 0);
  const off = offOf(/Colours lie[^\n]*/.exec(surface)[0]);
  assert.equal(offOf(chosen), off, `${title}: run-off of the school and of the amounts`);

  const mixes = await see('mixes');
  assert.deepEqual(vital(mixes), figures, `${title}: the line of figures on two screens`);
  const made = (await labels(page, '[role="listitem"] > [role="button"][aria-expanded]')).flatMap(
    (label) => /^(.*), ([\d.]+) g$/.exec(label) ?? [],
  );
  const grams = new Map();
  for (let i = 0; i < made.length; i += 3) grams.set(made[i + 1], Number(made[i + 2]));
  same(
    [...grams.values()].reduce((a, b) => a + b, 0),
    figures.g,
    `${title}: all mixes`,
    0.5,
  );

  const moves = await see('moves');
  assert.deepEqual(vital(moves), figures, `${title}: the line of figures at moves`);
  for (const [move, pot] of [
    ['Wet the edges', 'Edges'],
    ['Lay base', 'Base coat'],
  ]) {
    const takes = await page.$$eval(
      '[role="button"][aria-pressed]',
      (rows, name) =>
        rows
          .filter((r) => r.getAttribute('aria-label')?.endsWith(name))
          .map((r) => Number(/([\d.]+)\s*g$/.exec(r.innerText.trim())?.[1] ?? 0)),
      move,
    );
    same(
      takes.reduce((a, b) => a + b, 0),
      row(surface, pot),
      `${title}: what “${move}” takes and what is set aside`,
    );
  }

  await see('pour');
  // Poured before, the plan's next stage is what it opens with.
  if (await page.$('[role="radio"][aria-label^="1 Pour"]')) await press(page, 'radio', /^1 Pour/);
  const pour = await textOf(page);
  for (const [name, g] of grams)
    assert.ok(pour.includes(`${name} is mixed: ${g} g`), `${title}: ${name}, ${g} g, at the pour`);
  const caught = /About (\d+) g run off/.exec(pour);
  if (caught) assert.equal(Number(caught[1]), off, `${title}: run-off at the pour`);

  const cups = await see('cups');
  const held = number(cups, /([\d.]+) mL of [\d.]+ mL to the brim/, `${title}: the first cup`);
  same(number(pour, /Cup 1 is loaded: \d+ layers?, ([\d.]+) mL/, title), held, `${title}: cup 1`);

  const finish = await see('finish');
  same(
    number(finish, /([\d.]+) mm of wet film/, `${title}: film that dries`),
    figures.mm,
    `${title}: film that dries and film that stays`,
    0.05,
  );
  const cost = (text) => /What it costs\n[^\n]*\n([\d.,]+)/.exec(text)?.[1];
  await goOn(page, `/shopping?plans=${id}`);
  // The list is reckoned by the page after its last answer has come.
  if (cost(finish)) await says(page, 'What it costs');
  assert.equal(cost(await textOf(page)), cost(finish), `${title}: what it costs`);
}

test('plans of the demo', async () => {
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/plans`);
  const { plans } = await (await fetch(`${studio.url}/api/plans`, { headers: APART })).json();
  for (const { id, title } of plans.filter((_, i) => i % EVERY_DEMO === 0))
    await checked(page, id, title);
});

test('plans of every sort', inFull, async () => {
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/plans`);
  for (const plan of madePlans()) {
    const answer = await fetch(`${studio.url}/api/plans`, {
      method: 'POST',
      headers: { ...APART, 'content-type': 'application/json' },
      body: JSON.stringify({ plan }),
    });
    assert.equal(answer.status, 201, `${plan.title}: ${await answer.clone().text()}`);
    const { id } = await answer.json();
    await checked(page, id, plan.title);
  }
});
