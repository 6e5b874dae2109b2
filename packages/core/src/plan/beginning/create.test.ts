import fc from 'fast-check';
import { techniqueOf } from '../../technique';
import { consistencyOf } from '../../mix/consistency';
import { brief } from '../brief/brief';
import { checkPlan } from '../document/check';
import { anyPlan } from '../any-plan.test-data';
import { DAMSON, OAT, plan, QUINCE, SLATE } from '../fixture.test-data';

const FULL = 'POTTER_FULL' in globalThis;

test('any plan it writes is whole: no fault, every cup within its head-room, every colour poured, no number missing', () => {
  fc.assert(
    fc.property(anyPlan, (p) => {
      expect(checkPlan(p)).toEqual([]);
      const b = brief(p, { today: '2026-11-24' });
      // A technique that can do with so many cups only may have more paint than they hold, and a remark says so.
      const { most = Infinity } = techniqueOf(p.technique.id).needs.cups;
      if (p.cups.length < most) {
        for (const cup of b.cups) expect(cup.filledMl).toBeLessThanOrEqual(cup.fillableMl + 0.5);
        expect(b.remarks.filter((r) => r.code === 'cup-too-full')).toEqual([]);
      }
      const colours = b.budget.pots.filter((pot) => pot.use === 'colour');
      // Seven colours on a coaster may be less than one step of the scale each: a remark says which stays out.
      if (colours.reduce((sum, pot) => sum + pot.g, 0) >= p.budget.stepG * p.budget.shares.length)
        expect(b.remarks.filter((r) => r.code === 'colour-not-loaded')).toEqual([]);
      expect(JSON.stringify(b)).not.toMatch(/null|NaN|Infinity/);
      const poured = b.cups.reduce((sum, c) => sum + c.filledMl * c.loads, 0);
      expect(poured).toBeCloseTo(
        colours.reduce((sum, pot) => sum + pot.ml, 0),
        6,
      );
    }),
    { numRuns: FULL ? 600 : 30 },
  );
});

test('mixes come out at the thickness a flip wants', () => {
  for (const m of brief(plan([OAT, SLATE, QUINCE, DAMSON])).mixes)
    expect(consistencyOf(m.viscosityPaS)).toBe('medium');
});

// Handbook 5: flips often have the same white first and last (common practice, no published source).
test('the palest colour goes in first and last', () => {
  const layers = plan([SLATE, OAT, QUINCE]).cups[0]?.layers ?? [];
  expect(layers[0]?.mix).toBe('m-oat');
  expect(layers.at(-1)?.mix).toBe('m-oat');
});

test('a colour that no cup holds is poured from a jug, and none is too full', () => {
  const p = plan(
    [OAT, SLATE],
    { shape: { kind: 'rect', widthMm: 1000, heightMm: 800 } },
    { technique: 'puddle-pour' },
  );
  expect(p.cups.map((cup) => cup.vessel.name)).toEqual(['Jug, 2 litres', 'Jug, 2 litres']);
  expect(brief(p).remarks.filter((r) => r.code === 'cup-too-full')).toEqual([]);
});

test('a large canvas is poured from several cups, spread over it', () => {
  const p = plan([OAT, SLATE], { shape: { kind: 'rect', widthMm: 800, heightMm: 600 } });
  expect(p.cups.length).toBeGreaterThan(2);
  const spots = p.moves.flatMap((m) => (m.verb === 'flip' ? [m.atMm.join()] : []));
  expect(new Set(spots).size).toBe(p.cups.length);
});

test('the lean school gets base and keep-back, the generous one only what wets its edges', () => {
  expect(plan([OAT, SLATE], {}, { school: 'lean' }).budget.pots.map((p) => p.use)).toEqual([
    'base',
    'keep',
  ]);
  // What wets the edges is set aside too: a total that leaves it out would run short.
  expect(plan([OAT, SLATE]).budget.pots).toEqual([{ use: 'edge', mix: 'm-oat', filmMm: 0.3 }]);
});

test('without a paint there is no plan', () =>
  expect(() => plan([])).toThrow(/at least one paint/));
