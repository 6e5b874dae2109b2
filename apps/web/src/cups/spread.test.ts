import { spread } from './spread';

test('positions far enough apart stay where they are', () =>
  expect(spread([0, 20, 40], 14)).toEqual([0, 20, 40]));
test('crowded ones move apart, the last stays within the core', () => {
  const out = spread([10, 12, 13, 100], 14);
  expect(out).toEqual([10, 24, 38, 100]);
  const low = spread([10, 95, 96, 100], 14);
  expect(low.at(-1)).toBe(100);
  low.slice(1).forEach((y, i) => expect(y - low[i]!).toBeGreaterThanOrEqual(14));
});
test('nothing to spread', () => expect(spread([], 14)).toEqual([]));
