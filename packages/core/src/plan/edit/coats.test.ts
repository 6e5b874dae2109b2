import { advance, beginRun, dueAt, mixedOn, runSheet, stageMoves, timersOf } from '../../journal';
import { stagesOf } from '../../schedule';
import { taskOf } from '../../verb';
import { coatBatches } from '../asked/coat-batches';
import { brief } from '../brief/brief';
import { checkPlan } from '../document/check';
import { OAT, plan, SLATE } from '../fixture.test-data';
import { setLastTasks } from '../beginning/moves';
import { addCoat, usualCoatMm } from './coats';
import { setAdditives } from './mixes';

const ask = { product: 'resin', coats: 1, filmMm: 3, pop: 'flame' } as const;
const start = plan([OAT, SLATE]);
const oily = setAdditives(start, 0, [{ material: 'silicone', drops: 2, perMl: 60 }], []);
const titles = (p: typeof start) => stagesOf(p).map(({ title }) => title);

test('oil comes off first where there was oil, and dries before the coat; where there was none there is nothing to wipe', () => {
  expect(titles(addCoat(oily, ask))).toEqual(['Pour', 'Oil off', 'Top coat']);
  expect(titles(addCoat(start, ask))).toEqual(['Pour', 'Top coat']);
  expect(checkPlan(addCoat(oily, ask))).toEqual([]);
  // Wiped once it stays wiped: a second coat asks for no second wiping.
  expect(titles(addCoat(addCoat(oily, ask), ask))).toEqual([
    'Pour',
    'Oil off',
    'Top coat',
    'Top coat 2',
  ]);
});

test('several coats are several stages; what is ticked off at the end stays there, tape comes off warm', () => {
  const taped = {
    ...start,
    moves: [
      ...start.moves,
      { id: 'tend-peel-tape', verb: 'tend' as const, task: 'peel-tape' as const },
    ],
  };
  const backed = setLastTasks(taped, ['cork', 'sand-back']);
  const coated = addCoat(backed, { ...ask, coats: 2 });
  expect(titles(coated)).toEqual(['Pour', 'Top coat', 'Top coat 2']);
  expect(coated.moves.slice(-2).map(taskOf)).toEqual(['sand-back', 'cork']);
  const tasks = coated.moves.flatMap((m) => taskOf(m) ?? []);
  expect(tasks).toContain('peel-warm');
  expect(tasks).not.toContain('peel-tape');
});

test('its batches hold what the move takes, each under the largest, glitter shared out', () => {
  const coated = addCoat(
    { ...start, sheets: { resin: { ...sheet, mostMl: 250 } } },
    { ...ask, extra: { of: 'glitter', gPer100Ml: 2 } },
  );
  const move = coated.moves.find(({ verb }) => verb === 'coat')!.id;
  const computed = brief(coated);
  const [take, glitter] = computed.run.find((s) => s.move === move)!.takes;
  const batches = coatBatches(coated, computed, move);
  expect(batches.length).toBe(Math.ceil(take!.ml / 250));
  const sum = (material: string) =>
    batches
      .flatMap(({ steps }) => steps)
      .reduce((g, s) => g + (s.material === material ? s.g : 0), 0);
  expect(sum('resin') + sum('hardener')).toBeGreaterThan(take!.g - batches.length);
  expect(sum('resin') + sum('hardener')).toBeLessThan(take!.g + batches.length);
  expect(sum('glitter')).toBeCloseTo(glitter!.g, 0);
  expect(coatBatches(coated, computed, coated.moves[0]!.id)).toEqual([]);
});

const sheet = {
  by: 'volume' as const,
  parts: [2, 1] as [number, number],
  gPerMl: [1.1, 1] as [number, number],
  openMin: 40,
  mostMl: 500,
  touchH: 24,
  againH: 24,
  curedH: 72,
};

test('open time runs from the moment a batch is whole, not before, and anew with the next batch', () => {
  const coated = addCoat({ ...start, sheets: { resin: sheet } }, ask);
  const run = beginRun('run-00000001', 'p', coated, 0, 1);
  const steps = runSheet(coated, 1);
  expect(stageMoves(coated, 1).map(({ verb }) => verb)).toEqual(['coat', 'pop', 'shelter']);
  expect(timersOf(run, steps)).toEqual([]);
  const batch = (at: number) => ({ at, of: [{ material: 'resin', g: 100 }] });
  const first = mixedOn(run, 0, 0, batch(60_000));
  expect(dueAt(first.moves[0]!, steps[0]!)).toBe(60_000 + 40 * 60_000);
  expect(timersOf(first, steps)).toHaveLength(1);
  const second = mixedOn(first, 0, 1, batch(600_000));
  expect(dueAt(second.moves[0]!, steps[0]!)).toBe(600_000 + 40 * 60_000);
  expect(mixedOn(second, 0, 1, batch(650_000)).moves[0]!.mixed).toHaveLength(2);
  expect(advance(second, 700_000).moves[0]!.mixed).toHaveLength(2);
});

test('a varnish lies as thick as its sheet says a litre goes far', () => {
  expect(usualCoatMm(start, 'varnish')).toBeCloseTo(0.1, 9);
  const thin = { m2PerL: 12.5, gPerMl: 1, touchH: 1, againH: 3, curedH: 100 };
  expect(usualCoatMm({ ...start, sheets: { varnish: thin } }, 'varnish')).toBeCloseTo(0.08, 9);
});
