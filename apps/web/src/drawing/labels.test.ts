import { apart } from './labels';

const off = (a: readonly [number, number], b: readonly [number, number]) =>
  Math.hypot(a[0] - b[0], a[1] - b[1]);

test('nine numbers wanted at one place stand clear of each other, the first where it belongs', () => {
  const spots = apart(Array.from({ length: 9 }, () => [100, 100] as const)) as [number, number][];
  expect(spots[0]).toEqual([100, 100]);
  spots.forEach((a, i) =>
    spots.slice(i + 1).forEach((b) => expect(off(a, b)).toBeGreaterThanOrEqual(24.9)),
  );
});

test('those that are clear of each other already stay, and what has no place has none', () => {
  expect(apart([[10, 10], undefined, [60, 10]])).toEqual([[10, 10], undefined, [60, 10]]);
});
