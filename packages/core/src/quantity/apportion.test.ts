import fc from 'fast-check';
import { between } from '../between.test-data';
import { apportion } from './apportion';

const amounts = fc.array(between(0, 5000), {
  minLength: 1,
  maxLength: 24,
});
const step = fc.constantFrom(0.01, 0.1, 0.5, 1, 5);

test('keeps the rounded sum and moves no amount by a whole step', () => {
  fc.assert(
    fc.property(amounts, step, (list, s) => {
      const shared = apportion(list, s);
      const sum = list.reduce((a, b) => a + b, 0);
      expect(shared.reduce((a, b) => a + b, 0)).toBeCloseTo(Math.round(sum / s) * s, 5);
      shared.forEach((amount, i) => {
        expect(amount).toBeGreaterThanOrEqual(0);
        expect(Math.abs(amount - list[i]!)).toBeLessThan(s * (1 + 1e-6));
        expect(amount / s).toBeCloseTo(Math.round(amount / s), 5);
      });
    }),
  );
});

test('six even colours of 800 g: two get the gram that is left over', () =>
  expect(apportion(Array(6).fill(800 / 6), 1)).toEqual([134, 134, 133, 133, 133, 133]));
test('a scale reads 0.3, not 0.30000000000000004', () =>
  expect(apportion([0.1, 0.2, 0.3], 0.1)).toEqual([0.1, 0.2, 0.3]));
test('a step of nothing is refused', () => expect(() => apportion([1], 0)).toThrow(RangeError));
