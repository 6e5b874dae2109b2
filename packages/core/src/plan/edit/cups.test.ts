import fc from 'fast-check';
import { between } from '../../between.test-data';
import { layersOf } from '../../cup/load';
import { shapeOf } from '../../surface/measure';
import { VESSELS } from '../../vessel/library';
import { brief } from '../brief/brief';
import { checkPlan } from '../document/check';
import * as edit from '.';
import { BRASS, DAMSON, loaded, OAT, plan, QUINCE, SLATE } from '../fixture.test-data';
import { leavesWords } from '../asked/leaves';
import { wantsLimbCups, withLimbCups } from '../asked/limbs';
import { pinOffer, withPins } from '../asked/pins';
import type { Plan } from '../document/schema';

const mixes = (p: Plan, cup = 0) => layersOf(p.cups[cup]!, p.cups).map((l) => l.mix);
const poured = (p: Plan) => {
  const of = new Map<string, number>();
  for (const l of brief(p).cups.flatMap((c) => c.layers))
    of.set(l.mix, (of.get(l.mix) ?? 0) + l.ml);
  return of;
};

describe('rounds', () => {
  const p = loaded(plan([OAT, SLATE, QUINCE]), 'm-oat', 'm-slate', 'm-quince', 'm-oat');
  test('the palette three times, thinner each time', () => {
    const three = edit.inRounds(p, 0, 3, 0.5);
    expect(mixes(three)).toEqual([...Array(3)].flatMap(() => ['m-oat', 'm-slate', 'm-quince']));
    const slate = brief(three).cups[0]!.layers.filter((l) => l.mix === 'm-slate');
    expect(slate[1]!.ml / slate[0]!.ml).toBeCloseTo(0.5, 6);
    expect(slate[2]!.ml / slate[0]!.ml).toBeCloseTo(0.25, 6);
  });
  test('a last cover of the background is half a layer on top of all', () => {
    const covered = edit.coverWith(p, 0, 'm-quince');
    expect(mixes(covered).at(-1)).toBe('m-quince');
    expect(covered.cups[0]!.layers!.at(-1)!.parts).toBe(0.5);
  });
});

describe('what the technique offers', () => {
  test('a flip: the palest first and last', () => {
    const p = loaded(plan([OAT, SLATE, QUINCE]), 'm-slate', 'm-oat', 'm-quince');
    const offer = pinOffer(p, 0)!;
    expect(offer).toMatchObject({ first: 'm-oat', last: 'm-oat' });
    const taken = withPins(p, 0, offer);
    expect(mixes(taken)).toEqual(['m-oat', 'm-slate', 'm-quince', 'm-oat']);
    expect(pinOffer(taken, 0)).toBeUndefined();
    expect(poured(taken).get('m-oat')).toBeCloseTo(poured(p).get('m-oat')!, 9);
  });
  test('a straight pour: the background first, the strongest contrast last', () => {
    const p: Plan = {
      ...loaded(plan([OAT, QUINCE, DAMSON]), 'm-damson', 'm-oat', 'm-quince'),
      technique: { id: 'straight-pour', settings: {} },
    };
    expect(mixes(withPins(p, 0, pinOffer(p, 0)!))).toEqual(['m-oat', 'm-quince', 'm-damson']);
  });
});

describe('more cups', () => {
  test('for side by side the other way round, and twice is the original', () => {
    const p = loaded(plan([OAT, SLATE, QUINCE]), 'm-oat', 'm-slate', 'm-quince');
    const two = edit.addCup(p, 'reversed');
    expect(mixes(two, 1)).toEqual([...mixes(two)].reverse());
    const three = edit.addCup(two, 'reversed');
    expect(mixes(three, 2)).toEqual(mixes(p));
    expect(checkPlan(three)).toEqual([]);
  });
  test('for one after the other loaded alike', () =>
    expect(mixes(edit.addCup(loaded(plan(), 'm-oat', 'm-slate')), 1)).toEqual([
      'm-oat',
      'm-slate',
    ]));
});

test('side by side every layer has a direction of its own; back in layers none', () => {
  const p = loaded(plan([OAT, SLATE, QUINCE]), 'm-oat', 'm-slate', 'm-quince');
  const beside = edit.setLoading(p, 0, 'side');
  expect(beside.cups[0]!.layers!.map((l) => l.sideDeg)).toEqual([0, 120, 240]);
  const back = edit.setLoading(beside, 0, 'layered');
  expect(back.cups[0]!.layers).toEqual(p.cups[0]!.layers);
});

test('another vessel comes with how it lets go and how it is loaded, and takes it away again', () => {
  const p = loaded(plan(), 'm-oat', 'm-slate');
  const of = (id: string) => VESSELS.find((v) => v.id === id)!;
  expect(edit.setVessel(p, 0, of('ring')).cups[0]).toMatchObject({ outlet: 'bottom' });
  const foot = edit.setVessel(p, 0, of('bottle-foot'));
  expect(foot.cups[0]).toMatchObject({ loading: 'split', vessel: { compartments: 5 } });
  const back = edit.setVessel(foot, 0, of('cup-9'));
  expect(back.cups[0]).toMatchObject({ loading: 'layered' });
  expect(back.cups[0]!.vessel).not.toHaveProperty('compartments');
  expect(edit.setVessel(edit.setVessel(p, 0, of('strainer')), 0, of('cup-3')).cups[0]!.outlet).toBe(
    'rim',
  );
});

test('what is kept back for repairs is a pot of every colour', () => {
  const kept = edit.keepBack(plan(), 0.05);
  expect(brief(kept).budget.pots.some((p) => p.use === 'keep' && p.g > 0)).toBe(true);
  expect(edit.keepBack(kept, 0).budget.pots.some((p) => p.use === 'keep')).toBe(false);
});

test('words for what leaves first and last go by the move and the outlet', () => {
  const flip = plan();
  expect(leavesWords(flip, 'c1').last).toMatch(/on top in the middle/);
  const straight = plan(undefined, {}, { technique: 'straight-pour' });
  expect(leavesWords(straight, 'c1').first).toMatch(/pushed outward/);
  const ring = edit.setVessel(
    straight,
    0,
    VESSELS.find((v) => v.id === 'ring')!,
  );
  expect(leavesWords(ring, 'c1').first).toMatch(/at the bottom/);
  const through = (id: string) =>
    leavesWords(
      edit.setVessel(
        straight,
        0,
        VESSELS.find((v) => v.id === id)!,
      ),
      'c1',
    ).first;
  expect(through('squeeze-bottle')).toMatch(/thin line/);
  expect(through('strainer')).toMatch(/all 9 holes/);
  expect(leavesWords(edit.setLoading(straight, 0, 'split'), 'c1').first).toMatch(/together/);
});

test('no composing gains or loses paint: pots are poured whole whatever is done', () => {
  const FIVE = [OAT, SLATE, QUINCE, DAMSON, BRASS];
  const start = plan(FIVE);
  const had = poured(start);
  const act = fc.oneof(
    fc.tuple(fc.nat(2), fc.integer({ min: 1, max: 4 }), between(0.4, 1)).map(
      ([cup, n, thin]) =>
        (p: Plan) =>
          edit.inRounds(p, cup, n, thin),
    ),
    fc.nat(2).map((cup) => (p: Plan) => edit.coverWith(p, cup, 'm-slate')),
    fc.tuple(fc.nat(2), fc.integer({ min: 2, max: 4 })).map(
      ([cup, n]) =>
        (p: Plan) =>
          edit.divideCup(p, cup, n),
    ),
    fc
      .constantFrom('alike' as const, 'reversed' as const)
      .map((like) => (p: Plan) => edit.addCup(p, like)),
    fc.tuple(fc.nat(2), fc.constantFrom('layered' as const, 'side' as const, 'split' as const)).map(
      ([cup, loading]) =>
        (p: Plan) =>
          edit.setLoading(p, cup, loading),
    ),
    fc.nat(2).map((cup) => (p: Plan) => {
      const offer = pinOffer(p, cup);
      return offer ? withPins(p, cup, offer) : p;
    }),
    fc.tuple(fc.nat(2), fc.nat(6), fc.nat(6)).map(
      ([cup, from, to]) =>
        (p: Plan) =>
          edit.moveLayer(p, cup, from, to),
    ),
    fc.tuple(fc.nat(2), fc.nat(6)).map(
      ([cup, layer]) =>
        (p: Plan) =>
          edit.doubleLayer(p, cup, layer),
    ),
  );
  fc.assert(
    fc.property(fc.array(act, { minLength: 1, maxLength: 6 }), (acts) => {
      const p = acts.reduce((now, one) => (now.cups.length > 8 ? now : one(now)), start);
      expect(checkPlan(p)).toEqual([]);
      const now = poured(p);
      for (const [mix, ml] of had) expect(now.get(mix)).toBeCloseTo(ml, 6);
    }),
    { numRuns: 60 },
  );
});

test('a cup divided leaves the other cups as they were', () => {
  const two = edit.addCup(loaded(plan([OAT, SLATE]), 'm-oat', 'm-slate'), 'alike');
  const before = brief(two).cups[1]!.filledMl;
  const divided = edit.divideCup(two, 0, 3);
  const cups = brief(divided).cups;
  expect(cups).toHaveLength(4);
  expect(cups.at(-1)!.filledMl).toBeCloseTo(before, 3);
  for (const c of cups.slice(0, 3)) expect(c.filledMl).toBeCloseTo(before / 3, 3);
});

test('letters laid over cups that know nothing of them: a cup a stroke and one for the gaps', () => {
  const letters = plan([OAT, SLATE], {
    shape: { kind: 'glyphs', text: 'H', font: 'bricolage', heightMm: 250 },
  });
  expect(wantsLimbCups(letters)).toBe(false);
  // A plan that became letters: its one cup knows nothing of strokes.
  const plain = edit.setSurface(plan([OAT, SLATE]), { shape: letters.surface.shape });
  expect(wantsLimbCups(plain)).toBe(true);
  const each = withLimbCups(plain, brief(plain));
  expect(each.cups.map((c) => c.for)).toEqual(letters.cups.map((c) => c.for));
  expect(mixes(each)).toEqual(mixes(plain));
  expect(checkPlan(each)).toEqual([]);
  for (const [mix, ml] of poured(plain)) expect(poured(each).get(mix)).toBeCloseTo(ml, 6);
  const flipped = each.moves.flatMap((m) => (m.verb === 'flip' ? [m.cup] : []));
  expect(flipped.sort()).toEqual(each.cups.map((c) => c.id).sort());
});

test('letters: a cup divided stays with its stroke, its twins beside each other along it', () => {
  const shape = { kind: 'glyphs', text: 'H', font: 'bricolage', heightMm: 250 } as const;
  const p = plan([OAT, SLATE], { shape });
  const limbs = shapeOf(shape).limbs!(shape);
  const nearest = ([x, y]: readonly number[]) =>
    limbs
      .map(({ name, alongMm }) => ({
        name,
        mm: Math.min(...alongMm.map(([px, py]) => Math.hypot(px - x!, py - y!))),
      }))
      .sort((a, b) => a.mm - b.mm)[0]!.name;
  const where = (q: typeof p) =>
    q.moves.flatMap((m) => {
      const cup = m.verb === 'flip' ? q.cups.find((c) => c.id === m.cup) : undefined;
      return m.verb === 'flip' && cup?.for?.startsWith('limb:')
        ? [{ for: cup.for, near: `limb:${nearest(m.atMm)}`, at: m.atMm.join() }]
        : [];
    });
  expect(where(p).length).toBe(limbs.length);
  const divided = edit.divideCup(p, 1, 2);
  expect(divided.cups).toHaveLength(p.cups.length + 1);
  for (const q of [p, divided]) for (const flip of where(q)) expect(flip.near).toBe(flip.for);
  expect(new Set(where(divided).map((f) => f.at)).size).toBe(where(divided).length);
});

test('a cup is filled to a total, its layers in their relation, and other cups keep to theirs', () => {
  const p = plan();
  const now = brief(p).cups[0]!.layers.map((l) => l.ml);
  const filled = edit.fillCup(p, 0, 150, now);
  const cup = brief(filled).cups[0]!;
  expect(cup.filledMl).toBeCloseTo(150, 0);
  const share = (mls: readonly number[], i: number) => mls[i]! / mls.reduce((a, b) => a + b, 0);
  cup.layers.forEach((l, i) => {
    expect(l.pinned).toBe(true);
    expect(
      share(
        cup.layers.map((x) => x.ml),
        i,
      ),
    ).toBeCloseTo(share(now, i), 2);
  });
  expect(edit.fillCup(p, 0, 0, now)).toBe(p);
});
