import fc from 'fast-check';
import { between } from '../between.test-data';
import { emission } from './emission';
import { firstInFirstOut } from './outlets';
import type { Cup } from './schema';
import { sinking } from './sinking';
import { STREAM_BINS, withdraw } from './withdraw';

const layer = (mix: string, ml = 20, more: object = {}) => ({ mix, ml, ...more });
const order = (out: ReturnType<typeof emission>) => out.map((e) => `${e.order} ${e.mix}`);

// Handbook 5 and science.md, Settlements: first in, last out for flip and rim; ring, tip and strainer let the bottom out first.
test.each([
  ['rim', ['1 c', '2 b', '3 a']],
  ['bottom', ['1 a', '2 b', '3 c']],
  [{ tipMm: 3 }, ['1 a', '2 b', '3 c']],
  [{ holes: 9, ringMm: 60 }, ['1 a', '2 b', '3 c']],
] as [Cup['outlet'], string[]][])('through %o', (outlet, expected) => {
  expect(
    order(
      emission(
        ['a', 'b', 'c'].map((m) => layer(m)),
        { outlet },
      ),
    ),
  ).toEqual(expected);
  expect(firstInFirstOut(outlet)).toBe(outlet !== 'rim');
});

test('compartments let all out together', () =>
  expect(
    order(
      emission(
        ['a', 'b'].map((m) => layer(m)),
        { loading: 'split' },
      ),
    ),
  ).toEqual(['1 a', '1 b']));

test('side by side, the one nearest the pouring side leaves first', () => {
  const beside = [
    layer('right', 20, { sideDeg: 0 }),
    layer('left', 20, { sideDeg: 180 }),
    layer('front', 20, { sideDeg: 90 }),
    layer('back', 20, { sideDeg: -90 }),
  ];
  const from = (pourSideDeg: number) => order(emission(beside, { loading: 'side', pourSideDeg }));
  expect(from(0)).toEqual(['1 right', '2 front', '2 back', '3 left']);
  expect(from(450)[0]).toBe('1 front');
});

// science-colour 6: upper minus lower below 0.02 g/mL neutral, 0.06 and more sinks through; white leads organics by about 0.12.
test('a heavy layer on light ones sinks, a light one on heavy ones stays', () => {
  const cup = (...of: number[]) => sinking(of.map((densityGPerMl) => ({ ml: 30, densityGPerMl })));
  expect(cup(1.04, 1.05)).toEqual([0, 0]);
  expect(cup(1.04, 1.157)[1]).toBeGreaterThan(0.2);
  expect(cup(1.157, 1.04)).toEqual([0, 0]);
  const [, slow] = cup(1.04, 1.08);
  expect(slow).toBeGreaterThan(0);
  expect(slow).toBeLessThan(cup(1.04, 1.157)[1]!);
});

test('what has sunk arrives after everything else, and what it left behind is less', () => {
  const out = emission([layer('light'), layer('heavy', 20, { sinks: 0.3 })]);
  expect(out).toEqual([
    { layer: 1, mix: 'heavy', order: 1, share: expect.closeTo(0.35, 12) },
    { layer: 0, mix: 'light', order: 2, share: 0.5 },
    { layer: 1, mix: 'heavy', order: 3, share: expect.closeTo(0.15, 12), sunk: true },
  ]);
});

test('whatever the cup, every layer leaves as much as went in, to 1e-9', () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.record({
          mix: fc.constantFrom('a', 'b', 'c'),
          ml: between(0.1, 90),
          sideDeg: fc.integer({ min: -360, max: 360 }),
          sinks: between(0, 0.3),
        }),
        { minLength: 1, maxLength: 12 },
      ),
      fc.constantFrom<Cup['loading']>('layered', 'side', 'split', 'single', undefined),
      fc.constantFrom<Cup['outlet']>('rim', 'bottom', { tipMm: 3 }, { holes: 9, ringMm: 60 }),
      (layers, loading, outlet) => {
        const out = emission(layers, { loading, outlet });
        const whole = layers.reduce((sum, l) => sum + l.ml, 0);
        layers.forEach((l, i) => {
          const share = out.filter((e) => e.layer === i).reduce((sum, e) => sum + e.share, 0);
          expect(Math.abs(share * whole - l.ml)).toBeLessThan(1e-9);
        });
      },
    ),
  );
});

test('what sank to the floor leaves a rim-poured cup last, and nothing is lost by it', () => {
  const rim = { from: 'top', reach: 0.03, cling: 0 } as const;
  const strata = (sinks: number) => [
    { ml: 40, dive: 0 },
    { ml: 40, dive: 0 },
    { ml: 20, dive: 0, sinks },
  ];
  const column = (table: Float64Array, k: number) =>
    Array.from({ length: STREAM_BINS }, (_, s) => table[s * 3 + k]!);
  const sum = (of: number[]) => of.reduce((a, b) => a + b, 0);
  const [plain, sunk] = [0, 0.3].map((s) => withdraw(strata(s), 0, rim));
  const late = (table: Float64Array) => sum(column(table, 2).slice(-10));
  expect(late(plain!)).toBeLessThan(0.01);
  expect(late(sunk!)).toBeGreaterThan(5);
  for (const k of [0, 1, 2])
    expect(sum(column(sunk!, k)) / STREAM_BINS).toBeCloseTo([0.4, 0.4, 0.2][k]!, 9);
});
