import type { Outcome } from '../../flow/outcome';
import { brief } from '../brief/brief';
import { checkPlan } from '../document/check';
import { BRASS, DAMSON, OAT, plan, QUINCE, SLATE } from '../fixture.test-data';
import { previewOf } from '../preview/preview';
import {
  askedBest,
  choices,
  DECISION_IDS,
  firstTries,
  furtherTries,
  openDecisions,
  PLANNED,
  asksFor,
} from '.';

const p = plan([OAT, SLATE, DAMSON, QUINCE, BRASS]);
const b = brief(p);

test('the plan of the tests may be decided in every way', () => {
  expect(openDecisions(p, b)).toEqual(
    DECISION_IDS.filter((id) => openDecisions(p, b).includes(id)),
  );
  expect(openDecisions(p, b).length).toBeGreaterThanOrEqual(7);
});

test.each(DECISION_IDS)(
  '%s: nine at the most, the plan first, each another plan, all of them sound',
  (id) => {
    const offered = choices(id, p, b);
    expect(offered.length).toBeLessThanOrEqual(9);
    expect(offered[0]).toEqual({ key: PLANNED, says: 'As planned', plan: p });
    expect(new Set(offered.map((c) => JSON.stringify(c.plan))).size).toBe(offered.length);
    expect(new Set(offered.map((c) => c.key)).size).toBe(offered.length);
    for (const { plan: made } of offered) {
      expect(checkPlan(structuredClone(made))).toEqual([]);
      expect(previewOf(made, brief(made)).scene.acts.length).toBeGreaterThan(0);
    }
  },
);

const laid = (of: typeof p): number => brief(of).budget.laidMm;

test('more paint is more, by as much as it says', () => {
  const twice = choices('amount', p, b).find((c) => c.says === '1.6 times as much')!;
  expect(laid(twice.plan) / laid(p)).toBeCloseTo(1.6, 1);
});

test('a colour less is gone from everywhere', () => {
  const without = choices('colours', p, b).find((c) => c.says.startsWith('Without'))!;
  expect(without.plan.mixes).toHaveLength(p.mixes.length - 1);
});

test('oil is in the colours it says, and none is none', () => {
  const offered = choices('oil', p, b);
  const all = offered.find((c) => c.key === 'all 2')!.plan;
  const drops = (of: typeof p) =>
    of.mixes.map(
      (m) => m.additives?.reduce((sum, a) => sum + ('drops' in a ? a.drops : 0), 0) ?? 0,
    );
  expect(drops(all)).toEqual(p.mixes.map(() => 2));
  const one = offered.find((c) => c.key.startsWith('in '))!.plan;
  expect(drops(one).filter((d) => d > 0)).toEqual([2]);
  const dry = choices('oil', all, brief(all)).find((c) => c.key === 'none')!.plan;
  expect(drops(dry)).toEqual(p.mixes.map(() => 0));
});

const outcome = (change: Partial<Outcome> & { readonly calm?: number }): Outcome => ({
  coveredShare: 1,
  bareMm: [],
  laidMl: 100,
  spiltMl: { left: 0, right: 20, top: 0, bottom: 0 },
  edgesMl: 0,
  film: { meanMm: 1, thinnestMm: 0.5, thickestMm: 2 },
  shows: {},
  ...change,
});

const wish = asksFor(p).find((w) => w.key === 'waste')!;

test('every colour may be asked more of', () => {
  const keys = asksFor(p).map((w) => w.key);
  for (const { mix } of p.budget.shares) expect(keys).toContain(`more ${mix}`);
});

test('no more than sixty pours are tried, single changes and the best of them in pairs', () => {
  const first = firstTries(p, b);
  const planned = outcome({});
  const outcomes = new Map(
    first.map(({ key }, n) => [
      key,
      outcome({ spiltMl: { left: 0, right: 20 - (n % 7), top: 0, bottom: 0 } }),
    ]),
  );
  const further = furtherTries(p, b, wish, planned, (key) => outcomes.get(key));
  expect(first.length + further.length).toBeLessThanOrEqual(60);
  expect(further.length).toBeGreaterThan(0);
  for (const { key } of further) {
    const [a, c] = key.split(' + ');
    expect(a!.split(' ')[0]).not.toBe(c!.split(' ')[0]);
  }
});

test('what is found is never worse than the plan it began with', () => {
  const planned = outcome({});
  const tried = ['worse', 'same', 'better', 'bare'].map((key) => ({ key, says: key, plan: p }));
  const off = (right: number) => ({ left: 0, right, top: 0, bottom: 0 });
  const outcomes: Record<string, Outcome> = {
    worse: outcome({ spiltMl: off(30) }),
    same: outcome({}),
    better: outcome({ spiltMl: off(12) }),
    bare: outcome({ spiltMl: off(2), coveredShare: 0.9 }),
  };
  const found = askedBest(wish, planned, tried, (key) => outcomes[key]);
  expect(found.map((f) => f.key)).toEqual(['better']);
  expect(found[0]!.gain).toBeCloseTo(0.08, 6);
});

test('what is found differs in more than a second change', () => {
  const off = (right: number) => ({ left: 0, right, top: 0, bottom: 0 });
  const keys = ['a', 'b', 'c', 'a + b', 'a + c', 'd + c'];
  const found = askedBest(
    wish,
    outcome({}),
    keys.map((key) => ({ key, says: key, plan: p })),
    (key) => outcome({ spiltMl: off(12 - keys.indexOf(key)) }),
  );
  expect(found.map((f) => f.key)).toEqual(['d + c', 'a + b']);
});
