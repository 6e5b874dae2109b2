import fc from 'fast-check';
import { between } from '../between.test-data';
import { OAT, plan, SLATE } from '../plan/fixture.test-data';
import { checkedActs, type DryingCheck, dryingActs } from './rack';
import { advance, beginRun } from './run';
import { summariseRun } from './summary';

const acts = dryingActs(plan([OAT, SLATE]));
const touch = (of: typeof acts | ReturnType<typeof checkedActs>) =>
  of.find(({ act }) => act === 'touch')!;
const middle = Math.sqrt(touch(acts).fromMin * touch(acts).toMin);

test('found tacky at its middle the forecast moves out, by hand, and all that follows with it', () => {
  const now = checkedActs(acts, [{ afterMin: middle, found: 'tacky' }]);
  // Log-normal, σ from the span as 10 and 90 %: half of what lies beyond the middle lies beyond e^(0.6745 σ) of it.
  const sigma = Math.log(touch(acts).toMin / touch(acts).fromMin) / (2 * 1.2815515655446004);
  const pace = Math.exp(0.6744898 * sigma);
  const cured = (of: typeof now) => of.find(({ act }) => act === 'cured')!;
  expect(cured(now).fromMin / cured(acts).fromMin).toBeCloseTo(pace, 4);
  expect(touch(now).fromMin).toBeGreaterThanOrEqual(middle);
  expect(touch(now).why).toContain(`${pace.toFixed(1)} times as slow`);
});

test('whatever is found, and in whatever order, the forecast keeps to it and to its order', () => {
  const check = fc.record({
    afterMin: between(1, 20_000),
    found: fc.constantFrom<DryingCheck['found']>('tacky', 'dry'),
  });
  fc.assert(
    fc.property(fc.array(check, { maxLength: 5 }), (checks) => {
      const now = checkedActs(acts, checks);
      const tacky = Math.max(
        0,
        ...checks.filter((c) => c.found === 'tacky').map((c) => c.afterMin),
      );
      expect(touch(now).fromMin).toBeGreaterThanOrEqual(tacky * (1 - 1e-6));
      for (const { fromMin, toMin } of now)
        expect(toMin).toBeGreaterThanOrEqual(fromMin * (1 - 1e-9));
      const same = checkedActs(acts, [...checks].reverse());
      expect(same.map(({ fromMin }) => fromMin)).toEqual(now.map(({ fromMin }) => fromMin));
    }),
  );
});

test('nothing found changes nothing; found dry early it is all sooner', () => {
  expect(checkedActs(acts, [])).toBe(acts);
  const now = checkedActs(acts, [{ afterMin: touch(acts).fromMin, found: 'dry' }]);
  expect(touch(now).toMin).toBeLessThanOrEqual(touch(acts).fromMin * (1 + 1e-6));
  expect(touch(now).why).toContain('as quick');
});

test('the thickest place decides when it is dry at the latest, the mean when at the earliest', () => {
  const [thin, thick] = [1.2, 3].map((thickestMm) =>
    dryingActs(plan([OAT, SLATE]), 0, { meanMm: 1, thickestMm }),
  );
  expect(touch(thick!).fromMin).toBe(touch(thin!).fromMin);
  expect(touch(thick!).toMin).toBeGreaterThan(2 * touch(thin!).toMin);
  expect(touch(thick!).why).toContain('3 at its thickest');
});

test('a list has it as it was found', () => {
  const begun = beginRun('run-00000001', 'p', plan([OAT, SLATE]), 0);
  const done = begun.moves.reduce((run, _, i) => advance(run, 1000 * i), begun);
  const found = {
    ...done,
    checks: [{ at: done.endedAt! + middle * 60_000, found: 'tacky' as const }],
  };
  expect(touch(summariseRun(found).dries).fromMin).toBeGreaterThan(
    touch(summariseRun(done).dries).fromMin,
  );
});
