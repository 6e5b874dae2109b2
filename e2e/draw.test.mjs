// Moves shaped by finger: drawn, held, turned and repeated on the surface by touch alone, and to the same document by keys and figures.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import { PHONE, press, see, tabTo, type, visit, WIDE } from './support/browser.mjs';
import { kept, planOf } from './support/studio.mjs';

const studio = atStudio();

const BOARD = '[aria-label="The surface to draw on"]';

/** Middle of what is found, in the window. */
const middleOf = (page, selector) =>
  page.$eval(selector, (node) => {
    const { left, top, width, height } = node.getBoundingClientRect();
    return [left + width / 2, top + height / 2, width, height];
  });

/** One finger along a line of places. */
async function finger(page, places) {
  const [first, ...rest] = places;
  const touch = await page.touchscreen.touchStart(...first);
  for (const place of rest) await touch.move(...place);
  await touch.end();
}
const straight = ([ax, ay], [bx, by], n = 12) =>
  Array.from({ length: n + 1 }, (_, k) => [ax + ((bx - ax) * k) / n, ay + ((by - ay) * k) / n]);

const add = async (page, verb) => {
  await press(page, 'button', '+ Move');
  await press(page, 'radio', verb);
};

test('three verbs are drawn by touch alone: a ring, five breaths to the corners, a comb; each stroke is undone by itself', async () => {
  const plan = await planOf(studio, 'Beetroot Bloom');
  const before = await plan.get();
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/plans/${plan.id}/draw`);
  await see(page, 'group', 'The surface to draw on');
  const [cx, cy] = await middleOf(page, BOARD);

  // A ring drawn with a finger, near enough round.
  await add(page, 'Pour along');
  await press(page, 'radio', 'Ring');
  const [mx, my] = await middleOf(page, BOARD);
  await finger(
    page,
    Array.from({ length: 41 }, (_, k) => [
      mx + 70 * Math.cos((2 * Math.PI * k) / 40),
      my + 70 * Math.sin((2 * Math.PI * k) / 40),
    ]),
  );
  const ringed = await kept(plan, (p) =>
    p.moves.some((m) => m.verb === 'trail' && m.way.kind === 'ring' && m.way.turns === 1),
  );
  const ring = ringed.moves.find((m) => m.verb === 'trail' && m.own);
  assert.ok(Math.abs(ring.way.centreMm[0] - 125) < 6, `its middle is at ${ring.way.centreMm}`);
  assert.ok(ring.way.radiusMm > 30 && ring.way.radiusMm < 80, `${ring.way.radiusMm} mm`);

  // Five petals turned to the corners: a breath, to the corner, five round.
  await add(page, 'Blow');
  await press(page, 'button', 'Turn it to the nearest corner');
  await press(page, 'button', '5 times round the middle');
  const petals = await kept(
    plan,
    (p) => p.moves.filter((m) => m.verb === 'blow' && m.own).length === 5,
  );
  const own = petals.moves.filter((m) => m.verb === 'blow' && m.own);
  assert.equal(Math.abs(own[0].towardDeg) % 90, 45);

  // A comb's line, held by its end and drawn off the edge.
  await add(page, 'Comb');
  const end = '[aria-label^="Ends,"]';
  await page.waitForSelector(end);
  const [hx, hy] = await middleOf(page, end);
  const [, , width] = await middleOf(page, BOARD);
  await finger(page, straight([hx, hy], [width - 8, hy + 40]));
  const combed = await kept(plan, (p) =>
    p.moves.some((m) => m.verb === 'comb' && m.way.kind === 'line' && m.way.toMm[0] > 250),
  );
  assert.equal(combed.moves.length, before.moves.length + 7);

  await press(page, 'button', 'Undo');
  await kept(plan, (p) => p.moves.some((m) => m.verb === 'comb' && m.way.toMm[0] < 250));
  assert.ok(cx > 0 && cy > 0);
});

test('a handle moved by keys, and the same typed in figures, are one document', async () => {
  const plan = await planOf(studio, 'Damson Moon');
  const page = await studio.open(WIDE);
  await visit(page, `${studio.url}/plans/${plan.id}/moves`);
  await tabTo(page, '+ Move');
  await page.keyboard.press('Enter');
  await press(page, 'radio', 'Blow');
  const blown = await kept(plan, (p) => p.moves.some((m) => m.verb === 'blow'));
  const { fromMm } = blown.moves.find((m) => m.verb === 'blow');
  const handle = await page.waitForSelector('[aria-label^="From,"]');
  await handle.focus();
  for (let k = 0; k < 3; k++) await page.keyboard.press('ArrowLeft');
  await page.keyboard.down('Shift');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.up('Shift');
  const moved = await kept(plan, (p) => {
    const at = p.moves.find((m) => m.verb === 'blow').fromMm;
    return at[0] === fromMm[0] - 3 && at[1] === fromMm[1] + 10;
  });
  await type(page, 'From, from the left', `${fromMm[0]} mm`);
  await type(page, 'From, from the top', `${fromMm[1]} mm`);
  await kept(plan, (p) => p.moves.find((m) => m.verb === 'blow').fromMm[1] === fromMm[1]);
  await type(page, 'From, from the left', `${fromMm[0] - 3} mm`);
  await type(page, 'From, from the top', `${fromMm[1] + 10} mm`);
  const typed = await kept(plan, (p) => {
    const at = p.moves.find((m) => m.verb === 'blow').fromMm;
    return at[0] === fromMm[0] - 3 && at[1] === fromMm[1] + 10;
  });
  assert.deepEqual(typed, moved);
});
