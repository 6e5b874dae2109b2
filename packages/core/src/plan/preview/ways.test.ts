import { factorsWith } from '../../factor';
import { type Outcome, runOffMl } from '../../flow/outcome';
import { brief } from '../brief/brief';
import { DAMSON, OAT, plan, SLATE } from '../fixture.test-data';
import { previewOf } from './preview';
import { deciders, spreadOf, trialsOf, wayOf, WAYS } from './ways';

const p = plan([OAT, SLATE, DAMSON]);
const b = brief(p);
const meant = previewOf(p, b).scene;
const ways = Array.from({ length: 60 }, (_, n) => wayOf(p, b, n).scene);

const sdOf = (values: readonly number[]) => {
  const mean = values.reduce((sum, v) => sum + v, 0) / values.length;
  return Math.sqrt(values.reduce((sum, v) => sum + (v - mean) ** 2, 0) / values.length);
};

test('a way is the same one whenever it is asked for, and no two are alike', () => {
  expect(wayOf(p, b, 3)).toEqual(wayOf(p, b, 3));
  const said = ways.slice(0, WAYS).map((scene) => JSON.stringify(scene));
  expect(new Set(said).size).toBe(WAYS);
});

// science.md, corrections 8: one standard deviation each.
test('the hand strays as much as it is known to', () => {
  const lnNu = ways.map(({ nu }) => Math.log(nu / meant.nu));
  expect(sdOf(lnNu)).toBeGreaterThan(0.19);
  expect(sdOf(lnNu)).toBeLessThan(0.31);
  const tilts = ways.flatMap(({ acts }) =>
    acts.flatMap((act, n) => {
      const was = meant.acts[n]!;
      return act.kind === 'tilt' && was.kind === 'tilt'
        ? [
            {
              angle: act.angleDeg - was.angleDeg,
              toward: act.towardDeg - was.towardDeg,
              time: Math.log(act.s / was.s),
            },
          ]
        : [];
    }),
  );
  expect(tilts.length).toBeGreaterThan(200);
  const near = (got: number, sd: number) => {
    expect(got / sd).toBeGreaterThan(0.85);
    expect(got / sd).toBeLessThan(1.15);
  };
  near(sdOf(tilts.map((t) => t.angle)), 1.5);
  near(sdOf(tilts.map((t) => t.toward)), 8);
  near(sdOf(tilts.map((t) => t.time)), 0.15);
});

test('what is weighed is within half a step of the scale', () => {
  for (const { acts } of ways)
    acts.forEach((act, n) => {
      const was = meant.acts[n]!;
      if (act.kind !== 'stream' || was.kind !== 'stream') return;
      act.strata.forEach(({ ml }, k) =>
        expect(Math.abs(ml - was.strata[k]!.ml)).toBeLessThanOrEqual(p.budget.stepG / 2 / 0.9),
      );
    });
});

test('a steady hand does what was meant', () => {
  const steady = {
    ...b,
    factors: factorsWith({
      'thickness-varies': 0,
      'angle-varies': 0,
      'direction-varies': 0,
      'place-varies': 0,
      'time-varies': 0,
    }),
  };
  const exact = { ...p, budget: { ...p.budget, stepG: 1e-9 } };
  const { acts } = wayOf(exact, steady, 0).scene;
  const was = previewOf(exact, steady).scene.acts;
  acts.forEach((act, n) => {
    if (act.kind === 'tilt') expect(act).toEqual(was[n]);
  });
});

test('one thing at a time is off: the paint, each pour and each tilt', () => {
  const trials = trialsOf(p, b);
  expect(trials[0]!.says).toBe('How thick the paint is');
  expect(trials.map((t) => t.says)).toEqual(
    expect.arrayContaining(['The first tilt', 'The second tilt']),
  );
  const second = trials.find((t) => t.says === 'The second tilt')!.preview.scene;
  const changed = second.acts.filter(
    (act, n) => JSON.stringify(act) !== JSON.stringify(meant.acts[n]),
  );
  expect(changed.length).toBeGreaterThan(0);
  expect(new Set(changed.map((act) => act.kind))).toEqual(new Set(['tilt']));
  expect(second.nu).toBe(meant.nu);
});

const outcome = (coveredShare: number, right: number): Outcome => ({
  coveredShare,
  bareMm: [],
  laidMl: 100,
  spiltMl: { left: 0, right, top: 0, bottom: 0 },
  edgesMl: 0,
  film: { meanMm: 1, thinnestMm: 0.5, thickestMm: 2 },
  shows: { oat: coveredShare / 2 },
});

test('a spread is from the least to the most, with the middle one', () => {
  const spread = spreadOf([outcome(0.9, 12), outcome(1, 10), outcome(0.95, 30)]);
  expect(spread.covered).toEqual({ least: 0.9, middle: 0.95, most: 1 });
  expect(spread.runOffMl).toEqual({ least: 10, middle: 12, most: 30 });
  expect(spread.shows['oat']).toEqual({ least: 0.45, middle: 0.475, most: 0.5 });
  expect(() => spreadOf([])).toThrow(/no outcome/);
  expect(runOffMl(outcome(1, 7))).toBe(7);
});

test('what decides is named; where two are as strong, both; where nothing much changes, nothing', () => {
  const planned = outcome(0.95, 20);
  const says = (of: readonly [string, Outcome][]) =>
    deciders(
      planned,
      of.map(([name, o]) => ({ says: name, outcome: o })),
    );
  expect(
    says([
      ['The first tilt', outcome(0.95, 21)],
      ['The second tilt', outcome(0.8, 21)],
    ]),
  ).toEqual(['The second tilt decides the cover.']);
  expect(
    says([
      ['How thick the paint is', outcome(0.95, 40)],
      ['The flip', outcome(0.95, 39)],
    ]),
  ).toEqual(['How thick the paint is and the flip decide how much runs off.']);
  expect(says([['The flip', outcome(0.951, 21)]])).toEqual([]);
});
