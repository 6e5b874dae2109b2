import fc from 'fast-check';
import { between } from '../between.test-data';
import { STREAM_BINS, withdraw } from './withdraw';

const OUTLETS = {
  flip: { from: 'top', reach: 0.03, cling: 0.1 },
  rim: { from: 'top', reach: 0.08, cling: 0.02 },
  bottom: { from: 'bottom', reach: 0.03, cling: 0.1 },
} as const;

const strata = fc.array(
  fc.record({
    ml: between(0, 120),
    dive: between(0, 1),
  }),
  { minLength: 1, maxLength: 9 },
);
const outlet = fc.constantFrom(...Object.values(OUTLETS));
const column = (table: Float64Array, width: number, k: number) =>
  Array.from({ length: STREAM_BINS }, (_, s) => table[s * width + k]!);
const sum = (values: readonly number[]) => values.reduce((a, b) => a + b, 0);

test('every stratum leaves as much as went in, to 1e-9, and every portion is whole', () => {
  fc.assert(
    fc.property(strata, between(0, 1), outlet, (layers, stir, way) => {
      const whole = sum(layers.map((l) => l.ml));
      fc.pre(whole > 1);
      const table = withdraw(layers, stir, way);
      layers.forEach((l, k) =>
        expect(
          Math.abs(sum(column(table, layers.length, k)) / STREAM_BINS - l.ml / whole),
        ).toBeLessThan(1e-9),
      );
      for (let s = 0; s < STREAM_BINS; s++) {
        const portion = [...table.slice(s * layers.length, (s + 1) * layers.length)];
        expect(Math.abs(sum(portion) - 1)).toBeLessThan(1e-9);
        expect(Math.min(...portion)).toBeGreaterThanOrEqual(0);
      }
    }),
    { numRuns: 25 },
  );
});

const four = [0, 1, 2, 3].map(() => ({ ml: 20, dive: 0 }));
/** Mean time at which a stratum leaves, 0..1. */
const leaves = (table: Float64Array, k: number) => {
  const c = column(table, 4, k);
  return sum(c.map((v, s) => (v * (s + 0.5)) / STREAM_BINS)) / sum(c);
};

// Handbook 5, common practice, no published source.
test('flip and rim: first in, last out; a bottomless ring: first in, first out', () => {
  for (const way of [OUTLETS.flip, OUTLETS.rim]) {
    const table = withdraw(four, 0, way);
    for (let k = 1; k < 4; k++) expect(leaves(table, k)).toBeLessThan(leaves(table, k - 1));
  }
  const table = withdraw(four, 0, OUTLETS.bottom);
  for (let k = 1; k < 4; k++) expect(leaves(table, k)).toBeGreaterThan(leaves(table, k - 1));
});

test('a layer poured from high up spreads further through the stream', () => {
  const spread = (dive: number) => {
    const layers = four.map((l, k) => (k === 2 ? { ...l, dive } : l));
    const c = column(withdraw(layers, 0, OUTLETS.flip), 4, 2);
    return c.filter((v) => v > 0.02).length;
  };
  expect(spread(0.8)).toBeGreaterThan(1.3 * spread(0));
});

test('stirred through, every portion is much the same', () => {
  const c = column(withdraw(four, 1, OUTLETS.flip), 4, 1);
  expect(Math.max(...c.slice(60, 180))).toBeLessThan(0.5);
  expect(Math.max(...column(withdraw(four, 0, OUTLETS.flip), 4, 1))).toBeGreaterThan(0.95);
});
