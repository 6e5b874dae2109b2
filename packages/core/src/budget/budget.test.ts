import { factorsWith } from '../factor';
import fc from 'fast-check';
import { between } from '../between.test-data';
import { measureSurface } from '../surface/measure';
import { plainSurface } from '../surface/plain';
import type { Surface } from '../surface/schema';
import { fromUnit, toUnit } from '../quantity/unit';
import { idsOf } from '../registry';
import { normalise, reckon } from './budget';
import { SCHOOLS } from './school';
import { sharesByIntent } from './intent';
import { setAside } from './set-aside';
import type { Budget } from './schema';

const surface = (widthMm: number, heightMm: number, change: Partial<Surface> = {}) =>
  plainSurface({ kind: 'rect', widthMm, heightMm }, change);
const budget = (change: Partial<Budget> = {}, colours = 6): Budget => ({
  school: 'generous',
  insurance: 0,
  stepG: 1,
  shares: Array.from({ length: colours }, (_, i) => ({ mix: `m${i}`, share: 1 })),
  pots: [],
  ...change,
});
const amounts = (s: Surface, b: Budget, density = 1.15) =>
  reckon(b, {
    measure: measureSurface(s),
    raisedRim: s.rim.kind === 'raised',
    densityOf: () => density,
  });
const colourG = (a: ReturnType<typeof amounts>) =>
  a.pots.filter((p) => p.use === 'colour').reduce((sum, p) => sum + p.g, 0);

const anyBudget = fc.record({
  school: fc.constantFrom(...idsOf(SCHOOLS)),
  insurance: between(0, 0.5),
  stepG: fc.constantFrom(0.1, 1, 5),
  shares: fc
    .array(between(0, 5), { minLength: 1, maxLength: 12 })
    .map((s) => s.map((share, i) => ({ mix: `m${i}`, share }))),
  pots: fc.constantFrom<Budget['pots']>(
    [],
    [{ use: 'base', mix: 'm0', filmMm: 1 }],
    [
      { use: 'base', mix: 'm0', filmMm: 1 },
      { use: 'edge', mix: 'm0', filmMm: 0.5 },
    ],
    [
      { use: 'keep', share: 0.05 },
      { use: 'activator', mix: 'm0', ml: 12 },
    ],
  ),
});

// Handbook 2, common practice, no published source.
test('generous: 50 × 40 cm take 800 g, about 133 g of each of six', () => {
  const a = amounts(surface(500, 400), budget());
  expect(a.totalG).toBe(800);
  for (const pot of a.pots) expect(Math.abs(pot.g - 133.3)).toBeLessThan(1);
  // science.md, Amounts: 3.5 mm laid at 1.15 g/mL, 0.8 of it stays.
  expect(a.laidMm).toBeCloseTo(3.48, 1);
  expect(a.stayMm).toBe(0.8);
  expect(a.runOffShare).toBeCloseTo(0.77, 2);
});

test('lean: 30 × 40 in take 42.9 US fl oz of colours, two 16 fl oz cups and one of 11', () => {
  const a = amounts(
    surface(fromUnit(30, 'in'), fromUnit(40, 'in')),
    budget({ school: 'lean', stepG: 0.01 }),
  );
  const floz = toUnit(a.totalMl, 'us-floz');
  expect(floz).toBeCloseTo(42.857, 2);
  expect(floz - 2 * 16).toBeCloseTo(10.9, 1);
  // science.md, Amounts: 1.64 mm of colours.
  expect(a.laidMm).toBeCloseTo(1.637, 2);
});

test('a 9 × 12 in panel takes 7 to 8 fl oz by practice; the generous rule gives 8.2', () => {
  const a = amounts(surface(fromUnit(9, 'in'), fromUnit(12, 'in')), budget());
  const floz = toUnit(a.totalMl, 'us-floz');
  expect(floz).toBeCloseTo(8.2, 1);
  expect(Math.abs(floz - 7.5) / 7.5).toBeLessThan(0.15);
});

describe('edges are budgeted once', () => {
  const deep = surface(500, 400, { edgeDepthMm: 38, coverEdges: true });
  const pots: Budget['pots'] = [{ use: 'edge', mix: 'm0', filmMm: 0.5 }];
  const fine = { pots, stepG: 0.01 };
  // 684 cm² of sides and a band of 20 mm along 1800 mm, half a millimetre thick.
  const edgeMl = ((684 + 360) * 0.5) / 10;

  // Handbook 11: the generous rule is stated for the face; edges are extra (common practice, no published source).
  test('with a pot of their own the generous rule is for the face, and the pot comes on top', () => {
    const a = amounts(deep, budget(fine));
    expect(colourG(a)).toBeCloseTo(800, 1);
    expect(a.pots.find((p) => p.use === 'edge')?.ml).toBeCloseTo(edgeMl, 1);
    expect(a.totalG).toBeCloseTo(800 + edgeMl * 1.15, 1);
  });

  test('counted in, what wets them comes out of the figure; without a pot they are counted in', () => {
    const whole = (2000 + 684) / 2.5;
    expect(amounts(deep, budget({ ...fine, countEdges: true })).totalG).toBeCloseTo(whole, 1);
    expect(amounts(deep, budget()).totalG).toBe(Math.round(whole));
    expect(amounts(deep, budget({ countEdges: false })).totalG).toBe(800);
  });

  test.each(['lean', 'lean-bare', 'film'] as const)('%s never counts them in', (school) => {
    const without = amounts(deep, budget({ school, stepG: 0.01 }));
    expect(amounts(deep, budget({ ...fine, school })).totalG).toBeCloseTo(
      without.totalG + edgeMl * 1.15,
      1,
    );
  });
});

test('what is poured is on the piece or runs off, under every school, base and edges with it', () => {
  fc.assert(
    fc.property(anyBudget, fc.integer({ min: 1, max: 6 }), fc.boolean(), (b, pieces, raised) => {
      const rim = raised ? { kind: 'raised' as const, heightMm: 12 } : { kind: 'open' as const };
      const a = amounts(surface(300, 200, { pieces, rim }), b as Budget, 1.1);
      expect(a.staysG * pieces + a.runOffG).toBeCloseTo(a.pouredG, 6);
      const kept = a.pots.filter((p) => p.use === 'keep').reduce((sum, p) => sum + p.g, 0);
      expect(a.pouredG + kept).toBeCloseTo(a.totalG, 6);
      if (raised) expect(a.runOffG).toBe(0);
    }),
  );
});

test('a base is taken out of the generous figure, never below the lean one', () => {
  const with1mm = amounts(
    surface(500, 400),
    budget({ pots: [{ use: 'base', mix: 'm0', filmMm: 1 }] }),
  );
  expect(with1mm.totalG).toBe(800);
  expect(colourG(with1mm)).toBe(800 - 230);
  const thick = amounts(
    surface(500, 400),
    budget({ pots: [{ use: 'base', mix: 'm0', filmMm: 3 }] }),
  );
  expect(colourG(thick)).toBeCloseTo(2000 * 0.1637 * 1.15, 0);
});

test('film and own figure mean what they say', () => {
  expect(
    amounts(surface(500, 400), budget({ school: 'film', laidMm: 2, stepG: 0.01 })).laidMm,
  ).toBeCloseTo(2, 3);
  expect(amounts(surface(500, 400), budget({ school: 'own', gPerCm2: 0.3 })).totalG).toBe(600);
});

test('what cannot leave over a raised rim stays', () => {
  const tray = amounts(surface(200, 150, { rim: { kind: 'raised', heightMm: 12 } }), budget());
  expect(tray.stayMm).toBe(tray.laidMm);
  expect(tray.runOffShare).toBe(0);
});

test('a pot without a mix is a little of every colour', () => {
  const keep = amounts(
    surface(500, 400),
    budget({ pots: [{ use: 'keep', share: 0.05 }] }, 4),
  ).pots.filter((p) => p.use === 'keep');
  expect(keep.map((p) => p.g)).toEqual([10, 10, 10, 10]);
});

test('an own film that stays is taken over the usual one', () => {
  expect(
    reckon(budget(), {
      measure: measureSurface(surface(500, 400)),
      raisedRim: false,
      densityOf: () => 1.15,
      factors: factorsWith({ 'film-stays': 1.1 }),
    }).stayMm,
  ).toBe(1.1);
});

test('pots add up to the total, none is negative, and shares keep the whole', () => {
  fc.assert(
    fc.property(anyBudget, fc.integer({ min: 1, max: 12 }), (b, pieces) => {
      const a = amounts(surface(300, 200, { pieces }), b as Budget, 1.1);
      expect(a.pots.reduce((sum, p) => sum + p.g, 0)).toBeCloseTo(a.totalG, 6);
      for (const p of a.pots) expect(p.g).toBeGreaterThanOrEqual(0);
      expect(a.perPiece.totalG * pieces).toBeCloseTo(a.totalG, 6);
      expect(normalise(b.shares).reduce((sum, s) => sum + s.share, 0)).toBeCloseTo(1, 9);
      expect(a.runOffShare).toBeGreaterThanOrEqual(0);
      expect(a.runOffShare).toBeLessThan(1);
    }),
  );
});

test('twice the size each way takes four times the paint', () => {
  fc.assert(
    fc.property(
      fc.constantFrom('generous' as const, 'lean' as const, 'own' as const),
      fc.integer({ min: 50, max: 600 }),
      (school, side) => {
        const b = budget({ school, stepG: 0.01 });
        expect(
          amounts(surface(2 * side, 2 * side), b).totalG / amounts(surface(side, side), b).totalG,
        ).toBeCloseTo(4, 2);
      },
    ),
  );
});

test('by the marks of a cup pots come in whole marks, and none is lost', () => {
  fc.assert(
    fc.property(
      fc.array(between(0.01, 10), { minLength: 1, maxLength: 12 }),
      fc.constantFrom(1, 2.5, 10, 25),
      (shares, stepMl) => {
        const b = budget({ stepMl, shares: shares.map((share, i) => ({ mix: `m${i}`, share })) });
        const exact = amounts(surface(500, 400), {
          ...b,
          stepMl: undefined,
          stepG: 0.01,
        } as Budget);
        const marked = amounts(surface(500, 400), b);
        for (const pot of marked.pots)
          expect(pot.ml / stepMl).toBeCloseTo(Math.round(pot.ml / stepMl), 6);
        expect(Math.abs(marked.totalMl - exact.totalMl)).toBeLessThanOrEqual(stepMl / 2 + 0.02);
      },
    ),
    { numRuns: 60 },
  );
});

test('what stays on is the film that stays; behind a rim it is all of it', () => {
  const open = amounts(surface(500, 400), budget());
  // 0.8 mm on 2000 cm² are 160 mL, at 1.15 g/mL 184 g.
  expect(open.staysG).toBeCloseTo(184, 6);
  const tray = amounts(
    surface(500, 400, { rim: { kind: 'raised', heightMm: 12 } }),
    budget({ school: 'film', laidMm: 1.2 }),
  );
  expect(tray.staysG).toBeCloseTo(tray.totalG, 0);
});

// Handbook 2: the background for the cups is set aside before the base is laid with the rest.
test('off one batch the cups come first and the base last', () => {
  const a = amounts(
    surface(500, 400, { edgeDepthMm: 18, coverEdges: true }),
    budget({
      school: 'lean',
      pots: [
        { use: 'base', mix: 'm0', filmMm: 1 },
        { use: 'edge', mix: 'm0', filmMm: 0.5 },
        { use: 'keep', share: 0.05 },
      ],
    }),
  );
  const background = setAside(a).find((b) => b.mix === 'm0')!;
  expect(background.pots.map((p) => p.use)).toEqual(['colour', 'edge', 'keep', 'base']);
  expect(setAside(a).reduce((sum, b) => sum + b.g, 0)).toBeCloseTo(a.totalG, 9);
});

test('by intent: background and dominant most, an accent least, together everything', () => {
  const shares = sharesByIntent([
    { mix: 'a', share: 1, intent: 'background' },
    { mix: 'b', share: 1, intent: 'dominant', set: true },
    { mix: 'c', share: 1, intent: 'dark' },
    { mix: 'd', share: 1, intent: 'accent' },
    { mix: 'e', share: 1 },
  ]);
  const [a, b, c, d, e] = shares.map((s) => s.share) as [number, number, number, number, number];
  expect(a).toBe(b);
  expect([a > e, e > c, c > d]).toEqual([true, true, true]);
  expect(a + b + c + d + e).toBeCloseTo(1, 3);
  expect(shares[1]?.set).toBeUndefined();
});
