import { brief } from '../brief/brief';
import { DAMSON, GREEN, loaded, OAT, plan, QUINCE, RED, SLATE } from '../fixture.test-data';
import { neighbourTable } from './neighbour-table';

const FIVE = [OAT, SLATE, QUINCE, RED, GREEN];
const table = (p = plan(FIVE)) => neighbourTable(p, brief(p));

test('every pair once, worst first', () => {
  const pairs = table();
  expect(pairs).toHaveLength(10);
  expect(new Set(pairs.map((p) => [p.a, p.b].sort().join())).size).toBe(10);
  const scores = pairs.map((p) => p.judged.score);
  expect(scores).toEqual([...scores].sort((a, b) => a - b));
});

// Handbook 5 [check], common practice, no published source: red beside white makes pink, opposites make grey or brown.
test('red and green are told as mud, red beside white as pink', () => {
  const of = (a: string, b: string) =>
    table().find((p) => [p.a, p.b].sort().join() === [a, b].sort().join())!;
  expect(of('m-red', 'm-green').says).toMatch(/mud/);
  expect(of('m-red', 'm-oat').says).toMatch(/pink/);
});

test('how often a pair lies on each other is counted over all cups; a colour without a share is left out', () => {
  const p = loaded(plan([OAT, SLATE, DAMSON]), 'm-oat', 'm-slate', 'm-oat', 'm-damson');
  const of = (a: string, b: string) =>
    table(p).find((x) => [x.a, x.b].includes(a) && [x.a, x.b].includes(b))!.touches;
  expect(of('m-oat', 'm-slate')).toBe(2);
  expect(of('m-oat', 'm-damson')).toBe(1);
  expect(of('m-slate', 'm-damson')).toBe(0);
  const none = {
    ...p,
    budget: {
      ...p.budget,
      shares: p.budget.shares.map((s) => (s.mix === 'm-damson' ? { ...s, share: 0 } : s)),
    },
  };
  expect(table(none)).toHaveLength(1);
});
