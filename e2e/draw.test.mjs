// Moves shaped by finger: drawn, held, turned and repeated on the surface by touch alone, and to the same document by keys and figures.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import { PHONE, press, says, see, tabTo, type, visit, WIDE } from './support/browser.mjs';
import { kept, planOf } from './support/studio.mjs';
import { inFull } from './support/full.mjs';

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

test(
  'a handle moved by keys, and the same typed in figures, are one document',
  inFull,
  async () => {
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
  },
);

test(
  'puddles are tapped where they go, one undone by itself; a tilt is drawn toward a corner and done first',
  inFull,
  async () => {
    const plan = await copyOf('Quince and Slate', 'Puddles', { moves: [] });
    const page = await studio.open(PHONE);
    await visit(page, `${studio.url}/plans/${plan.id}/draw`);
    await add(page, 'Pour');
    await press(page, 'checkbox', 'Tap puddles');
    await says(page, 'shared over them');
    const [left, top, width, height] = await page.$eval(BOARD, (node) => {
      const box = node.getBoundingClientRect();
      return [box.left, box.top, box.width, box.height];
    });
    const puddles = (p) => p.moves.filter((m) => m.verb === 'pour' && m.own);
    for (const [n, x] of [0.2, 0.8].entries()) {
      await page.touchscreen.tap(left + x * width, top + 0.5 * height);
      await kept(plan, (p) => puddles(p).length === n + 2);
    }
    const three = puddles(await plan.get());
    assert.ok(three[0].ml > 0 && three[0].ml === three[1].ml && three[2].ml === undefined);
    assert.ok(three[1].atMm[0] < three[2].atMm[0]);
    await press(page, 'button', 'Undo');
    await kept(plan, (p) => puddles(p).length === 2);

    await add(page, 'Tilt');
    await press(page, 'button', 'Once more, the same');
    await press(page, 'checkbox', 'Draw it with a finger');
    const own = (p) => p.moves.filter((m) => m.verb === 'tilt' && m.own);
    const [cx, cy] = await middleOf(page, BOARD);
    await finger(page, straight([cx, cy], [cx - 60, cy + 60]));
    const drawn = await kept(plan, (p) => own(p).length === 2 && own(p)[1].towardDeg > 90);
    await press(page, 'button', 'Before the others it comes in one go with');
    const first = await kept(plan, (p) => own(p)[0]?.id === own(drawn)[1].id);
    assert.equal(first.moves.length, drawn.moves.length);
  },
);

/** A copy of a plan, to be changed in another way. */
async function copyOf(title, name, change = {}) {
  const plan = await (await planOf(studio, title)).get();
  const answer = await fetch(`${studio.url}/api/plans`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ plan: { ...plan, title: name, ...change } }),
  });
  assert.equal(answer.status, 201);
  return planOf(studio, name);
}

test('three verbs by touch alone and by keys alone come to the same document', inFull, async () => {
  // Other tests of this file have drawn on it.
  const { moves } = await (await planOf(studio, 'Beetroot Bloom')).get();
  const undrawn = { moves: moves.filter(({ own }) => !own) };
  const [touched, keyed] = [
    await copyOf('Beetroot Bloom', 'By touch', undrawn),
    await copyOf('Beetroot Bloom', 'By keys', undrawn),
  ];
  const done = (p) => p.moves.some((m) => m.verb === 'comb' && m.way.toMm[0] === 250);

  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/plans/${touched.id}/draw`);
  await add(page, 'Pour along');
  await press(page, 'radio', 'Spiral');
  await add(page, 'Blow');
  await press(page, 'button', 'Turn it to the nearest corner');
  await press(page, 'button', '5 times round the middle');
  await add(page, 'Comb');
  // Let go of close to the corner, its end is drawn to it.
  const end = '[aria-label^="Ends,"]';
  await page.waitForSelector(end);
  const begins = '[aria-label^="Begins,"]';
  const mmOf = (selector) =>
    page.$eval(selector, (node) =>
      node
        .getAttribute('aria-label')
        .match(/[\d.]+(?= mm)/g)
        .map(Number),
    );
  const [[ax], [bx, by]] = [await middleOf(page, begins), await middleOf(page, end)];
  const [[fromMm], [toMm, downMm]] = [await mmOf(begins), await mmOf(end)];
  const scale = (bx - ax) / (toMm - fromMm);
  const corner = [bx + scale * (250 - toMm) - 3, by - scale * downMm + 3];
  await finger(page, straight([bx, by], corner));
  const byTouch = await kept(touched, done);

  const other = await studio.open(WIDE);
  const { keyboard } = other;
  await visit(other, `${studio.url}/plans/${keyed.id}/moves`);
  /** Fingers take a moment from one key to the next; a field selects what it holds meanwhile. */
  const reach = async (name) => {
    await tabTo(other, name);
    await other.evaluate(
      () => new Promise((drawn) => requestAnimationFrame(() => setTimeout(drawn, 60))),
    );
  };
  const choose = async (name) => {
    await reach(name);
    await keyboard.press('Enter');
  };
  const addBy = async (verb) => {
    await choose('+ Move');
    await choose(verb);
  };
  await addBy('Pour along');
  await choose('Spiral');
  await kept(keyed, (p) => p.moves.some((m) => m.verb === 'trail' && m.way.kind === 'spiral'));
  await addBy('Blow');
  await choose('Turn it to the nearest corner');
  await kept(keyed, (p) => p.moves.some((m) => m.verb === 'blow' && m.own && m.towardDeg === 45));
  await choose('5 times round the middle');
  await kept(keyed, (p) => p.moves.filter((m) => m.verb === 'blow' && m.own).length === 5);
  await addBy('Comb');
  for (const [field, value] of [
    ['Ends, from the left', '250 mm'],
    ['Ends, from the top', '0 mm'],
  ]) {
    await reach(field);
    await keyboard.down('Control');
    await keyboard.press('a');
    await keyboard.up('Control');
    await keyboard.type(value);
    await keyboard.press('Tab');
  }
  const byKeys = await kept(keyed, (p) => done(p) && p.moves.some((m) => m.way?.toMm?.[1] === 0));
  assert.deepEqual(byKeys.moves, byTouch.moves);
});

test(
  'two fingers draw the surface nearer and change nothing; four hundred moves are held and undone as few are',
  inFull,
  async () => {
    const many = await copyOf('Beetroot Bloom', 'Four hundred');
    const begun = await many.get();
    const breaths = Array.from({ length: 400 - begun.moves.length }, (_, k) => ({
      id: `many-${k}`,
      verb: 'blow',
      fromMm: [60 + (k % 14) * 9, 60 + Math.floor(k / 14) * 4],
      towardDeg: (k * 37) % 180,
      reachMm: 30,
      air: 'mouth',
      own: true,
    }));
    const { revision } = await (await fetch(`${studio.url}/api/plans/${many.id}`)).json();
    const full = { ...begun, moves: [...breaths, ...begun.moves] };
    const put = await fetch(`${studio.url}/api/plans/${many.id}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ plan: full, revision }),
    });
    assert.equal(put.status, 200);
    const page = await studio.open(PHONE);
    await visit(page, `${studio.url}/plans/${many.id}/draw?move=3`);
    const handle = '[aria-label^="From,"]';
    await page.waitForSelector(handle);
    const apartPx = async () => {
      const [a, b] = await Promise.all([
        middleOf(page, handle),
        middleOf(page, '[aria-label^="As far as,"]'),
      ]);
      return Math.hypot(a[0] - b[0], a[1] - b[1]);
    };
    const before = await apartPx();
    const [cx, cy] = await middleOf(page, BOARD);
    const one = await page.touchscreen.touchStart(cx - 20, cy);
    const two = await page.touchscreen.touchStart(cx + 20, cy);
    for (let k = 1; k <= 8; k++) {
      await one.move(cx - 20 - 8 * k, cy);
      await two.move(cx + 20 + 8 * k, cy);
    }
    await one.end();
    await two.end();
    await page.waitForFunction(
      (find, was) => {
        const [a, b] = find.map((by) => {
          const box = document.querySelector(by).getBoundingClientRect();
          return [box.x + box.width / 2, box.y + box.height / 2];
        });
        return Math.hypot(a[0] - b[0], a[1] - b[1]) > 2 * was;
      },
      { timeout: 5000 },
      [handle, '[aria-label^="As far as,"]'],
      before,
    );
    assert.deepEqual((await many.get()).moves, full.moves);

    await page.focus(handle);
    await page.keyboard.press('ArrowRight');
    const was = full.moves[3].fromMm[0];
    await kept(many, (p) => p.moves[3].fromMm[0] === was + 1);
    await press(page, 'button', 'Undo');
    await kept(many, (p) => p.moves[3].fromMm[0] === was);
  },
);
