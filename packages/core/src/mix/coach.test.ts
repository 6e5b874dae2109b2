import fc from 'fast-check';
import { between } from '../between.test-data';
import { advise, settled, viscosityOfMound } from './coach';
import { consistencyOf, stepLimits } from './consistency';
import { FLOW_CUPS, viscosityOfFlow } from './flow-cup';
import type { Consistency } from './schema';

const water = { id: 'water', viscosityPaS: 0.001, densityGPerMl: 1 };
const medium = { id: 'conditioner', viscosityPaS: 0.6, densityGPerMl: 1.03 };
const paint = { id: 'p', viscosityPaS: 5, densityGPerMl: 1.2 };

// science.md, Consistency: none at all thin, under a second flowing, 1 to 2.5 s medium, longer thick.
test.each([
  [0, 'thin'],
  [0.3, 'flowing'],
  [0.9, 'flowing'],
  [1.2, 'medium'],
  [2.4, 'medium'],
  [3.5, 'thick'],
  [20, 'thick'],
] as const)('a mound of %d s is %s', (seconds, step) =>
  expect(consistencyOf(viscosityOfMound(seconds))).toBe(step),
);

test('longer is never thinner', () => {
  const steps = Array.from({ length: 100 }, (_, i) => viscosityOfMound(i / 10));
  expect(steps).toEqual([...steps].sort((a, b) => a - b));
});

test('three readings: their middle and how far they lie apart', () => {
  expect(settled([1.8, 1.2, 1.4])).toEqual({ median: 1.4, spread: expect.closeTo(0.6, 9) });
  expect(settled([1, 2])).toEqual({ median: 1.5, spread: 1 });
  expect(settled([])).toEqual({ median: 0, spread: 0 });
});

// Values worked from the formulas of ISO 2431 and ASTM D1200 as remembered: 3 mm at 100 s, 4 mm at 50 s, 5 mm at 60 s, 6 mm at 40 s, No. 4 at 30 s.
test.each([
  ['iso-3', 100, 42.3],
  ['iso-4', 50, 64.5],
  ['iso-5', 60, 193.13],
  ['iso-6', 40, 261.75],
  ['astm-4', 30, 98.21],
])('%s in %d s is %d mm²/s', (id, seconds, nu) => {
  const cup = FLOW_CUPS.find((c) => c.id === id)!;
  expect(cup.nuMm2S(seconds)).toBeCloseTo(nu, 1);
  expect(viscosityOfFlow(cup, seconds, 1.2)).toBeCloseTo((nu * 1.2) / 1000, 3);
});

// The spans ISO 2431 states for its cups at 30 and 100 s, mm²/s, and points of the usual conversion tables of the No. 4 cup (both from memory).
test.each([
  ['iso-3', 30, 7],
  ['iso-3', 100, 42],
  ['iso-4', 30, 34],
  ['iso-4', 100, 135],
  ['iso-5', 30, 91],
  ['iso-5', 100, 326],
  ['iso-6', 30, 188],
  ['iso-6', 100, 684],
  ['astm-4', 20, 60],
  ['astm-4', 50, 175],
  ['astm-4', 100, 368],
])('%s at %d s stands in its table near %d mm²/s', (id, seconds, nu) => {
  const cup = FLOW_CUPS.find((c) => c.id === id)!;
  expect(Math.abs(cup.nuMm2S(seconds) - nu)).toBeLessThan(Math.max(0.5, nu * 0.006));
});

test('what is added brings it just there by the mixing rule', () => {
  fc.assert(
    fc.property(
      between(0.2, 12),
      between(0, 0.2),
      fc.constantFrom<Consistency>('thin', 'flowing', 'medium', 'thick'),
      (viscosityPaS, waterShare, step) => {
        const cup = { ml: 100, viscosityPaS, waterShare };
        const advice = advise(cup, step, { water, medium, paint });
        if (advice.kind === 'right') return expect(consistencyOf(viscosityPaS)).toBe(step);
        if (advice.kind === 'none') return;
        const of = [water, medium, paint].find((a) => a.id === advice.id)!;
        const after = (ml: number) =>
          Math.exp((100 * Math.log(viscosityPaS) + ml * Math.log(of.viscosityPaS)) / (100 + ml));
        expect(consistencyOf(after(advice.ml))).toBe(step);
        // Just inside the nearer limit: the smallest addition that a hand can be trusted with.
        const { fromPaS, belowPaS } = stepLimits(step);
        const [low, high] = [Math.log(Math.max(fromPaS, 0.05)), Math.log(Math.min(belowPaS, 8))];
        const inside = (Math.log(after(advice.ml)) - low) / (high - low);
        expect(viscosityPaS >= belowPaS ? 1 - inside : inside).toBeCloseTo(0.15, 6);
        expect(advice.g).toBeCloseTo(advice.ml * of.densityGPerMl, 9);
      },
    ),
    { numRuns: 300 },
  );
});

test('water until a quarter is water, then medium; too thin wants paint', () => {
  const add = (viscosityPaS: number, waterShare: number, step: Consistency) =>
    advise({ ml: 100, viscosityPaS, waterShare }, step, { water, medium, paint });
  expect(add(2.6, 0, 'medium')).toMatchObject({ kind: 'add', id: 'water' });
  expect(add(2.6, 0.25, 'medium')).toMatchObject({ kind: 'add', id: 'conditioner' });
  expect(add(0.3, 0, 'medium')).toMatchObject({ kind: 'add', id: 'p' });
  expect(add(1.2, 0, 'medium')).toEqual({ kind: 'right' });
});

test('the artist’s own last answer scales the next', () => {
  const g = (strength: number) => {
    const a = advise(
      { ml: 100, viscosityPaS: 4, waterShare: 0 },
      'medium',
      { water, medium, paint },
      strength,
    );
    return a.kind === 'add' ? a.g : 0;
  };
  expect(g(1.4)).toBeCloseTo(g(1) * 1.4, 9);
});
