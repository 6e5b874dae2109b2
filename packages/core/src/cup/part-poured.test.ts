import fc from 'fast-check';
import { between } from '../between.test-data';
import { outletOf, TURNED_OVER } from './outlets';
import { partPoured } from './part-poured';

const layers = (...ml: number[]) => ({ strata: ml.map((of) => ({ ml: of, dive: 0 })), stir: 0 });

test('over the rim the top leaves first, through a hole the bottom', () => {
  const [first, second] = partPoured(layers(20, 20), outletOf('rim'), 10);
  expect(second).toBeGreaterThan(9);
  expect(first).toBeLessThan(1);
  const [low, high] = partPoured(layers(20, 20), outletOf('bottom'), 10);
  expect(low).toBeGreaterThan(8);
  expect(low! + high!).toBeCloseTo(10, 6);
});

test('side by side every colour leaves by its share', () => {
  expect(partPoured({ ...layers(30, 10), beside: true }, outletOf('rim'), 8)).toEqual([6, 2]);
});

test('what leaves is what was asked for, at most what there is, and never more of a layer than it holds', () => {
  const ml = between(0, 60);
  fc.assert(
    fc.property(
      fc.array(ml, { minLength: 1, maxLength: 5 }),
      between(0, 1),
      between(0, 300),
      fc.constantFrom(outletOf('rim'), outletOf('bottom'), outletOf({ tipMm: 3 }), TURNED_OVER),
      (of, stir, wanted, outlet) => {
        const whole = of.reduce((a, b) => a + b, 0);
        const out = partPoured({ ...layers(...of), stir }, outlet, wanted);
        const sum = out.reduce((a, b) => a + b, 0);
        expect(Math.abs(sum - Math.min(wanted, whole))).toBeLessThanOrEqual(1e-6 * (1 + whole));
        out.forEach((part, k) => {
          expect(part).toBeGreaterThanOrEqual(0);
          expect(part).toBeLessThanOrEqual(of[k]! + 1e-6 * (1 + whole));
        });
        const less = partPoured({ ...layers(...of), stir }, outlet, wanted / 2);
        less.forEach((part, k) => expect(part).toBeLessThanOrEqual(out[k]! + 1e-9));
      },
    ),
  );
});
