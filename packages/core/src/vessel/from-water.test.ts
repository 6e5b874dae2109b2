import fc from 'fast-check';
import { between } from '../between.test-data';
import { volumeAtMl } from './frustum';
import { vesselFromWater } from './from-water';

const mark = (v: { topMm: number; bottomMm: number; heightMm: number }, levelMm: number) => ({
  levelMm,
  waterG: volumeAtMl(v, levelMm),
});

test('any cup is found again from the water to two of its marks', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 30, max: 150 }),
      between(0.6, 1.6),
      fc.integer({ min: 30, max: 200 }),
      between(0.15, 0.5),
      (bottomMm, flare, heightMm, at) => {
        const v = { bottomMm, topMm: bottomMm * flare, heightMm };
        const low = Math.max(6, at * heightMm);
        const found = vesselFromWater(heightMm, mark(v, low), mark(v, heightMm * 0.95));
        if (!found.ok) throw new Error(found.fault);
        expect(found.value.bottomMm).toBeCloseTo(v.bottomMm, 0);
        expect(found.value.topMm).toBeCloseTo(v.topMm, 0);
      },
    ),
  );
});

// By hand: a cylinder of 60 mm holds 84.8 mL to 30 mm and 226.2 mL to 80 mm.
test('a cylinder, its marks in either order', () => {
  const [low, high] = [
    { levelMm: 30, waterG: 84.823 },
    { levelMm: 80, waterG: 226.195 },
  ];
  for (const [a, b] of [
    [low!, high!],
    [high!, low!],
  ] as const)
    expect(vesselFromWater(100, a, b)).toEqual({
      ok: true,
      value: { topMm: 60, bottomMm: 60, heightMm: 100 },
    });
});

test.each([
  [{ levelMm: 30, waterG: 90 }, { levelMm: 33, waterG: 95 }, /too close/],
  [{ levelMm: 30, waterG: 90 }, { levelMm: 60, waterG: 80 }, /more water/],
  [{ levelMm: 30, waterG: 90 }, { levelMm: 160, waterG: 380 }, /above the brim/],
  [{ levelMm: 0, waterG: 0 }, { levelMm: 60, waterG: 80 }, /some water/],
  [{ levelMm: 30, waterG: 90 }, { levelMm: 60, waterG: 5000 }, /straight wall/],
])('%o and %o cannot be', (a, b, fault) => {
  const found = vesselFromWater(100, a, b);
  expect(found.ok ? '' : found.fault).toMatch(fault);
});
