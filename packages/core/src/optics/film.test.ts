import fc from 'fast-check';
import { between } from '../between.test-data';
import { filmReflectance, kOverS, reflectanceOf } from './film';

// Kubelka and Munk 1931, Kubelka 1948: worked numbers.
test.each([
  [0.5, 0.25],
  [0.9, 0.00555556],
  [0.04, 11.52],
])('K/S of reflectance %d is %d', (r, q) => expect(kOverS(r)).toBeCloseTo(q, 8));
test('reflectance of K/S 0.2', () => expect(reflectanceOf(0.2)).toBeCloseTo(0.5366750419, 10));

test.each([
  [0.02, 0.1, 10, 0, 0.42688758],
  [0.02, 0.1, 10, 0.8, 0.61848087],
  [0.02, 0.1, 50, 0, 0.53617205],
  [0.02, 0.1, 1e6, 0, 0.53667504],
  [0.001, 0.15, 80, 0, 0.87896916],
  [0.001, 0.15, 80, 0.8, 0.88686305],
  [0.5, 0.05, 40, 0.3, 0.04554885],
  // No absorption, no scatter: the limits the closed form does not have.
  [0, 1, 5, 0, 0.8333333],
  [0, 1, 5, 0.8, 0.9],
  [0, 1, 1, 0.5, 0.6666667],
  [0.2, 0, 1, 0.8, 0.5362560368],
])('K %d S %d X %d over %d', (k, s, x, ground, r) =>
  expect(filmReflectance(k, s, x, ground)).toBeCloseTo(r, 7),
);

const k = between(0, 2);
const s = between(0, 1);
const x = between(0, 3000);
const ground = between(0, 1);

test('a film laid in two coats is the film laid in one', () => {
  fc.assert(
    fc.property(k, s, x, x, ground, (K, S, X1, X2, Rg) =>
      expect(filmReflectance(K, S, X2, filmReflectance(K, S, X1, Rg))).toBeCloseTo(
        filmReflectance(K, S, X1 + X2, Rg),
        6,
      ),
    ),
  );
});

test('reflectance stays between 0 and 1 and rises with the ground', () => {
  fc.assert(
    fc.property(k, s, x, ground, ground, (K, S, X, a, b) => {
      const [low, high] = [
        filmReflectance(K, S, X, Math.min(a, b)),
        filmReflectance(K, S, X, Math.max(a, b)),
      ];
      expect(low).toBeGreaterThanOrEqual(-1e-12);
      expect(high).toBeLessThanOrEqual(1 + 1e-12);
      expect(high).toBeGreaterThanOrEqual(low - 1e-9);
    }),
  );
});

test('nothing laid shows the ground', () => expect(filmReflectance(0.3, 0.2, 0, 0.42)).toBe(0.42));
