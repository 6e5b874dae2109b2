import { answerOrder } from '../../order/answer';
import { brief } from '../brief/brief';
import { checkPlan } from '../document/check';
import { cupOrderAsk } from './cup-order';
import { loadInOrder, removeColour, setApart, setOrder } from '../edit';
import { BRASS, GREEN, KALE, loaded, OAT, plan, RED, SLATE } from '../fixture.test-data';
import type { Plan } from '../document/schema';
import { judgeOrder, seamsOf, weightWords } from './seams';

const ordered = (p: Plan): Plan => {
  const asked = cupOrderAsk(p, brief(p), 0)!;
  const answer = answerOrder(asked.ask);
  if (!('found' in answer)) throw new Error(JSON.stringify(answer));
  return loadInOrder(p, 0, asked.mixes, answer.found);
};
const mixesOf = (p: Plan) => p.cups[0]!.layers!.map((l) => l.mix);
const bad = loaded(plan([RED, GREEN, OAT, SLATE]), 'm-red', 'm-green', 'm-oat', 'm-slate');
const judge = (p: Plan) => judgeOrder(seamsOf(p, brief(p), 0));

test('the order that is found is loaded, with the very layers there were', () => {
  const found = ordered(bad);
  expect([...mixesOf(found)].sort()).toEqual([...mixesOf(bad)].sort());
  expect(judge(bad).bad).toBe(1);
  expect(judge(found).bad).toBe(0);
  expect(judge(found).worst!.judged.score).toBeGreaterThan(judge(bad).worst!.judged.score);
  expect(checkPlan(found)).toEqual([]);
});

test('amounts go with their layers; layers of one colour keep their order', () => {
  const p = loaded(plan([OAT, SLATE]), 'm-slate', 'm-oat', 'm-oat', 'm-slate');
  p.cups[0]!.layers!.forEach((l, i) => (l.parts = i + 1));
  const found = ordered(setOrder(p, { school: 'contrast' }));
  const parts = (mix: string) =>
    found.cups[0]!.layers!.flatMap((l) => (l.mix === mix ? l.parts : []));
  expect(parts('m-slate')).toEqual([1, 4]);
  expect(parts('m-oat')).toEqual([2, 3]);
});

test('one layer that is asked at both ends is halved', () => {
  const found = ordered(setOrder(bad, { first: 'm-oat', last: 'm-oat' }));
  const layers = found.cups[0]!.layers!;
  expect([layers[0]!.mix, layers.at(-1)!.mix]).toEqual(['m-oat', 'm-oat']);
  expect([layers[0]!.parts, layers.at(-1)!.parts]).toEqual([0.5, 0.5]);
  expect(brief(found).cups[0]!.filledMl).toBeCloseTo(brief(bad).cups[0]!.filledMl, 6);
});

test('pairs set apart do not touch, and their seam is told where they do', () => {
  const p = setApart(bad, 'm-slate', 'm-oat', true);
  expect(seamsOf(p, brief(p), 0).filter((s) => s.unwanted)).toHaveLength(1);
  expect(judge(p).worst!.unwanted).toBe(true);
  const found = ordered(p);
  expect(seamsOf(found, brief(found), 0).filter((s) => s.unwanted)).toEqual([]);
  expect(setApart(p, 'm-oat', 'm-slate', false).order?.apart).toBeUndefined();
});

test('a separator comes as a thin layer of its own', () => {
  const p = loaded(plan([RED, GREEN, OAT]), 'm-red', 'm-green');
  const found = ordered(setOrder(p, { separator: 'm-oat' }));
  expect(mixesOf(found)[1]).toBe('m-oat');
  expect(found.cups[0]!.layers![1]!.parts).toBe(0.5);
  expect(judge(found).bad).toBe(0);
});

test('what is asked of a colour goes with the colour, and asks nothing of a cup without it', () => {
  const p = setApart(setOrder(bad, { first: 'm-red', last: 'm-oat' }), 'm-red', 'm-oat', true);
  expect(removeColour(p, 'm-red').order).toEqual({ school: 'contrast', last: 'm-oat' });
  expect(checkPlan(removeColour(p, 'm-red'))).toEqual([]);
  const elsewhere = { ...p, cups: loaded(p, 'm-green', 'm-slate').cups };
  expect(cupOrderAsk(elsewhere, brief(elsewhere), 0)?.ask.wish).toEqual({
    school: 'contrast',
    lies: 'first-amid',
  });
  expect(cupOrderAsk(loaded(p, 'm-red'), brief(p), 0)).toBeUndefined();
});

test('an order that names nothing, or a colour and itself, is refused with its place', () => {
  const p = setOrder(setApart(bad, 'm-red', 'm-red', true), { first: 'm-gone' });
  expect(checkPlan(p).map((f) => f.path)).toEqual(['/order/first', '/order/apart/0']);
});

// Handbook 3 and 5: white is heavy and sinks, lighter colours come up through it (common practice, no published source).
describe('weight', () => {
  const white = loaded(
    plan([
      { ...OAT, densityGPerMl: 1.41 },
      { ...KALE, densityGPerMl: 1.06 },
    ]),
    'm-oat',
    'm-kale',
  );
  const flipped: Plan = {
    ...white,
    moves: [{ id: 'f', verb: 'flip', cup: 'c1', atMm: [100, 100], restS: 10, s: 20 }],
  };
  const nameOf = (p: Plan) => (id: string) => p.mixes.find((m) => m.id === id)!.name;
  const words = (p: Plan) => weightWords(seamsOf(p, brief(p), 0)[0]!, nameOf(p));

  test('heavy below stays in the cup, lies above once turned over, and sinks there', () => {
    const [seam] = seamsOf(flipped, brief(flipped), 0);
    expect(seam!.weight).toMatchObject({ inCup: 'stays', onSurface: 'fast' });
    expect(words(flipped)).toBe(
      'On the surface Oat milk sinks and Frosted kale comes up through it: cells.',
    );
  });

  test('heavy above sinks in the cup', () => {
    const p = { ...flipped, cups: loaded(flipped, 'm-kale', 'm-oat').cups };
    const [seam] = seamsOf(p, brief(p), 0);
    expect(seam!.weight).toMatchObject({ inCup: 'fast', onSurface: 'stays' });
    expect(words(p)).toMatch(/^Oat milk sinks through Frosted kale in the cup/);
  });

  test('out of an open bottom the upper one comes to lie above', () => {
    const p: Plan = { ...white, cups: [{ ...white.cups[0]!, outlet: 'bottom' }] };
    expect(seamsOf(p, brief(p), 0)[0]!.weight.onSurface).toBe('stays');
  });

  test('nothing is said where both weigh the same', () => {
    const p = loaded(
      plan([
        { ...RED, densityGPerMl: 1.1 },
        { ...BRASS, densityGPerMl: 1.1 },
      ]),
      'm-red',
      'm-brass',
    );
    expect(words(p)).toBeUndefined();
  });
});
