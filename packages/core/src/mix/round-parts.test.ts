import fc from 'fast-check';
import { between } from '../between.test-data';
import type { Recipe } from './recipe';
import { roundParts, roundPartsOf } from './round-parts';
import { weighUp } from './weigh';

/** A recipe with these parts by weight; what they are does not matter here. */
const recipe = (...grams: number[]): Recipe => {
  const whole = grams.reduce((a, b) => a + b, 0);
  return {
    ingredients: grams.map((g, i) => ({
      kind: i === 0 ? 'paint' : 'medium',
      id: `i${i}`,
      g: (g / whole) * 1.1,
      ml: g / whole,
    })),
    densityGPerMl: 1.1,
    viscosityPaS: 1,
    paintShare: 0.3,
    waterShare: 0,
  };
};
const sum = (parts: readonly number[]) => parts.reduce((a, b) => a + b, 0);

// Handbook 4: medium 2 to paint 1 is said as "40 g and 20 g" (common practice, no published source).
test('55 g of two to one are 40 and 20', () => {
  expect(roundParts(recipe(1, 2), 55.2, 5, 0.1)).toEqual([20, 40]);
  expect(roundParts(recipe(1, 2), 60, 20, 0.1)).toEqual([20, 40]);
  expect(roundParts(recipe(1, 2), 60.1, 10, 0.1)).toEqual([30, 60]);
  expect(roundParts(recipe(1, 1), 71, 10, 1)).toEqual([40, 40]);
});

test('a spoon of water stays with the scale', () => {
  expect(roundParts(recipe(10, 20, 1.5), 60, 10, 0.1)).toEqual([20, 40, 3]);
});

test('where round figures would want half as much again, none are asked for', () => {
  expect(roundParts(recipe(1, 2), 10, 20, 0.1)).toBeUndefined();
});

test('enough, round, in its ratio, and weighed up to the same grams', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 1, max: 12 }), { minLength: 1, maxLength: 4 }),
      between(5, 900),
      fc.constantFrom(1, 5, 10, 20),
      (grams, needed, to) => {
        const r = recipe(...grams);
        const parts = roundParts(r, needed, to, 0.1);
        if (!parts) return;
        expect(sum(parts)).toBeGreaterThanOrEqual(needed - 1e-6);
        expect(sum(parts)).toBeLessThanOrEqual(needed * 1.5 * 1.04);
        const whole = sum(grams);
        parts.forEach((g, i) => {
          if (grams[i]! / whole < 0.12) return;
          expect(Math.abs(g / to - Math.round(g / to))).toBeLessThan(1e-6);
          expect(Math.abs((g / sum(parts)) * (whole / grams[i]!) - 1)).toBeLessThan(0.07);
        });
        expect(roundPartsOf(r, sum(parts), to, 0.1)).toEqual(parts);
        expect(weighUp(r, sum(parts), 0.1, to).map((s) => s.g)).toEqual(parts);
      },
    ),
  );
});

test('an amount that was never rounded is weighed up as it comes', () => {
  const steps = weighUp(recipe(1, 2), 50, 0.1, 10);
  expect(steps.map((s) => s.g)).toEqual([16.7, 33.3]);
});

test('however much is wanted, an answer comes: what no scale could weigh has no end to count to', () => {
  for (const g of [1e6, 1e9, 1e18, 1e300]) {
    const parts = roundParts(recipe(1, 2, 0.1), g, 1, 0.1);
    if (parts) expect(parts[1]! / parts[0]!).toBeCloseTo(2, 1);
  }
  // Of a kilogram and more the first round amount is a few steps away.
  const parts = roundParts(recipe(3, 5, 7), 12_345, 1, 0.1)!;
  const sum = parts.reduce((a, b) => a + b, 0);
  expect(sum).toBeGreaterThanOrEqual(12_345);
  expect(sum).toBeLessThan(12_345 + 8);
});
