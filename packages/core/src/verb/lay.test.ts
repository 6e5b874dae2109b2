import { stripOf } from '../surface/outline/strip';
import { brief } from '../plan/brief/brief';
import { verbScene } from '../plan/brief/table';
import { checkPlan } from '../plan/document/check';
import type { Plan } from '../plan/document/schema';
import * as edit from '../plan/edit';
import { OAT, plan, QUINCE, SLATE } from '../plan/fixture.test-data';
import { previewOf } from '../plan/preview/preview';
import { type Move, mirroredMove, turnedMove, verbOf } from '.';

const SQUARE = [[0, 0, 100, 0, 100, 100, 0, 100]];
const says = (move: Move, p: Plan = plan()) => verbOf(move).says(move, verbScene(p));
const strip = (fromPercent: number, toPercent: number, towardDeg = 0): Move => ({
  id: 'b',
  verb: 'lay',
  mix: 'm-oat',
  towardDeg,
  fromPercent,
  toPercent,
});

test('a strip is as large as its part of the face, and all of them are the face', () => {
  expect(stripOf(SQUARE, 10_000, 0, 0, 0.25).areaMm2).toBeCloseTo(2500, 0);
  expect(stripOf(SQUARE, 10_000, 90, 0.5, 1)).toMatchObject({ beginsMm: 50, endsMm: 100 });
  // A square stands on its corner: half of it below its middle, an eighth beyond three quarters.
  expect(stripOf(SQUARE, 10_000, 45, 0.75, 1).areaMm2).toBeCloseTo(1250, -2);
  const disc = [
    Array.from(
      { length: 720 },
      (_, i) => 50 + 50 * (i % 2 ? Math.sin : Math.cos)((Math.PI * Math.floor(i / 2)) / 180),
    ),
  ];
  const area = Math.PI * 2500;
  const parts = [0, 1, 2].map((n) => stripOf(disc, area, 30, n / 3, (n + 1) / 3).areaMm2);
  expect(parts.reduce((a, b) => a + b, 0) / area).toBeCloseTo(1, 2);
  expect(parts[0]! / parts[2]!).toBeCloseTo(1, 1);
  // Of a disc the middle third of its width is 0.425 of it: (2/π)(asin ⅓ + ⅓√(1 − ⅑)).
  expect(parts[1]! / area).toBeCloseTo(0.4124, 1);
});

test('a base in strips says where each lies, and can be turned and mirrored', () => {
  expect(says({ id: 'b', verb: 'lay', mix: 'm-oat' })).toBe(
    'Spread Oat milk over the whole face and edges, all that is set aside for it.',
  );
  expect(says(strip(0, 50))).toContain('over the left 50 % of the face');
  expect(says(strip(60, 100, 90))).toContain('over the bottom 40 % of the face');
  expect(says(strip(30, 70))).toContain(
    'over a band from 30 to 70 % of the face, counted from left to right',
  );
  const face = { widthMm: 500, heightMm: 400 };
  expect(mirroredMove(strip(0, 50), face)).toMatchObject({ towardDeg: -180 });
  expect(turnedMove(strip(0, 50), [250, 200], 90, face)).toMatchObject({ towardDeg: 90 });
  expect(verbOf(strip(70, 30)).amiss?.(strip(70, 30))?.mends).toEqual({ toPercent: 100 });
});

const based = edit.addPot(plan([OAT, SLATE, QUINCE]), 'base');
const beside = edit.addPot(based, 'base');

test('a second base parts what the first was, and the technique lays them side by side', () => {
  const pots = (p: Plan) => p.budget.pots.filter((pot) => pot.use === 'base');
  expect(pots(based)).toEqual([{ use: 'base', mix: 'm-oat', filmMm: 1 }]);
  expect(pots(beside)).toEqual([
    { use: 'base', mix: 'm-oat', filmMm: 0.5 },
    { use: 'base', mix: 'm-slate', filmMm: 0.5 },
  ]);
  const laid = beside.moves.filter((m) => m.verb === 'lay');
  expect(laid).toMatchObject([
    { id: 'base', mix: 'm-oat', fromPercent: 0, toPercent: 50 },
    { id: 'base-2', mix: 'm-slate', fromPercent: 50, toPercent: 100 },
  ]);
  expect(checkPlan(structuredClone(beside))).toEqual([]);
  const third = edit.addPot(beside, 'base');
  expect(third.moves.filter((m) => m.verb === 'lay').map((m) => m.toPercent)).toEqual([
    33, 66, 100,
  ]);
  // Taken away again, the last one covers all.
  const one = edit.removePot(
    beside,
    beside.budget.pots.findIndex((p) => p.mix === 'm-slate'),
  );
  expect(one.moves.filter((m) => m.verb === 'lay')).toEqual([
    { id: 'base', verb: 'lay', mix: 'm-oat', s: 120 },
  ]);
});

test('all of both bases is laid, each on its own half', () => {
  const told = brief(beside);
  const taken = told.run.flatMap((s) => s.takes).filter((t) => t.use === 'base');
  const aside = told.budget.pots.filter((p) => p.use === 'base');
  expect(taken.map((t) => t.g)).toEqual(aside.map((p) => expect.closeTo(p.g, 6)));
  const parts = previewOf(beside, told).scene.acts.flatMap((a) =>
    a.kind === 'overlay' && a.part ? [[a.mix, a.part.beginsMm, a.part.endsMm, a.filmMm]] : [],
  );
  expect(parts).toEqual([
    ['m-oat', 0, 250, expect.closeTo(1, 1)],
    ['m-slate', 250, 500, expect.closeTo(1, 1)],
  ]);
});

test('an extender is run round before stretching, from a pot of its own', () => {
  const p = edit.addPot(plan([OAT, SLATE]), 'extender');
  expect(p.budget.pots.at(-1)).toEqual({ use: 'extender', mix: 'm-oat', share: 0.05 });
  const at = p.moves.findIndex((m) => m.verb === 'extend');
  expect(p.moves[at + 1]!.verb).toBe('tilt');
  expect(says(p.moves[at]!, p)).toMatch(
    /^Run Oat milk all round just inside the edge, about 25 mm wide, all/,
  );
  const told = brief(p);
  const pot = told.budget.pots.find((x) => x.use === 'extender')!;
  expect(told.run[at]!.takes).toEqual([
    { use: 'extender', mix: 'm-oat', ml: expect.closeTo(pot.ml, 6), g: expect.closeTo(pot.g, 6) },
  ]);
  expect(checkPlan(structuredClone(p))).toEqual([]);
  expect(edit.removePot(p, p.budget.pots.length - 1).moves.some((m) => m.verb === 'extend')).toBe(
    false,
  );
});
