import { spotWithin } from './spot-within';

const SIDE = 9;
const spot = (at: (x: number, y: number) => readonly [number, number, number]) =>
  Uint8ClampedArray.from(
    Array.from({ length: SIDE * SIDE }, (_, i) => [
      ...at(i % SIDE, Math.floor(i / SIDE)),
      255,
    ]).flat(),
  );

test('a spot of one colour is as sure as its light, and surer beside something white', () => {
  const even = spot(() => [216, 165, 38]);
  expect(spotWithin(even, SIDE, true)).toBeLessThan(spotWithin(even, SIDE, false));
  expect(spotWithin(even, SIDE, true)).toBeCloseTo(3, 6);
});

test('one whose parts differ is less sure, by as much as they differ', () => {
  const halves = spot((x) => (x < SIDE / 2 ? [200, 40, 40] : [60, 120, 60]));
  const shaded = spot((x) => [150 + 4 * x, 120 + 4 * x, 80 + 4 * x]);
  expect(spotWithin(shaded, SIDE, true)).toBeGreaterThan(3.5);
  expect(spotWithin(halves, SIDE, true)).toBeGreaterThan(2 * spotWithin(shaded, SIDE, true));
});
