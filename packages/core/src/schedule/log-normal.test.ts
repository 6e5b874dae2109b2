import fc from 'fast-check';
import { between } from '../between.test-data';
import { below, logNormalOf, quantile, spanOf } from './log-normal';

test('the standard normal, by its tables (Abramowitz and Stegun 26.1)', () => {
  for (const [z, share] of [
    [0, 0.5],
    [1, 0.8413447],
    [1.2815516, 0.9],
    [1.959964, 0.975],
    [-1, 0.1586553],
  ] as const)
    expect(below(z)).toBeCloseTo(share, 6);
});

test('a span comes back as it went in, and its middle is the geometric mean', () => {
  fc.assert(
    fc.property(between(0.1, 1e4), between(1.05, 20), (from, by) => {
      const of = logNormalOf(from, from * by);
      const [a, b] = spanOf(of);
      expect(a / from).toBeCloseTo(1, 4);
      expect(b / (from * by)).toBeCloseTo(1, 4);
      expect(quantile(of, 0.5) / (from * Math.sqrt(by))).toBeCloseTo(1, 5);
    }),
  );
});

test('known to be later than its middle: the new middle is where three quarters were before, by hand', () => {
  const of = logNormalOf(10, 40);
  // Below the median lies a half; half of what is left lies below the third quartile.
  const median = 20;
  const sigma = Math.log(4) / (2 * 1.2815515655446004);
  expect(quantile(of, 0.5, { after: median })).toBeCloseTo(median * Math.exp(0.6744898 * sigma), 3);
});

test('what is known only ever narrows it, toward the side that is known', () => {
  fc.assert(
    fc.property(between(1, 100), between(1.2, 8), between(0.2, 5), (from, by, share) => {
      const of = logNormalOf(from, from * by);
      const known = from * share;
      const [later, sooner] = [spanOf(of, { after: known }), spanOf(of, { before: known })];
      expect(later[0]).toBeGreaterThanOrEqual(known * (1 - 1e-6));
      expect(later[0]).toBeGreaterThanOrEqual(spanOf(of)[0] * (1 - 1e-6));
      expect(sooner[1]).toBeLessThanOrEqual(known * (1 + 1e-6));
      expect(later[1]).toBeGreaterThanOrEqual(later[0]);
    }),
  );
});
