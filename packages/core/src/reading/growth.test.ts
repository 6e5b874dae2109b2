import fc from 'fast-check';
import { between } from '../between.test-data';
import { grownInAll, growthAhead, growthOf, type Island } from '.';

const cell = (x: number, y: number, widthMm: number, of = 0): Island => ({
  atMm: [x, y],
  widthMm,
  of,
});
/** Cells in rows 12 mm apart, none alike. */
const CELLS = Array.from({ length: 24 }, (_, i) =>
  cell(12 * (i % 6), 12 * Math.floor(i / 6), 3 + (i % 5), i % 2),
);
const moved = (cells: readonly Island[], by: number, [dx, dy]: readonly [number, number]) =>
  cells.map(({ atMm: [x, y], widthMm, of }) => cell(x + dx, y + dy, widthMm * by, of));

test('growth and drift are told, whichever way it crept', () =>
  fc.assert(
    fc.property(between(0.85, 1.4), between(-1.2, 1.2), between(-1.2, 1.2), (by, dx, dy) => {
      const growth = growthOf(CELLS, moved(CELLS, by, [dx, dy]))!;
      expect(growth.pairs).toBe(24);
      expect(growth.grown).toBeCloseTo(by - 1, 9);
      expect(growth.driftMm[0]).toBeCloseTo(dx, 9);
      expect(growth.driftMm[1]).toBeCloseTo(dy, 9);
      expect([growth.opened, growth.closed]).toEqual([0, 0]);
    }),
  ));

test('cells that opened or closed meanwhile are told apart, and change nothing of the growth', () => {
  const later = [...moved(CELLS.slice(4), 1.2, [0, 0]), cell(6, 6, 3), cell(18, 6, 3)];
  const growth = growthOf(CELLS, later)!;
  expect(growth).toMatchObject({ pairs: 20, opened: 2, closed: 4 });
  expect(growth.grown).toBeCloseTo(0.2, 9);
});

test('the more they disagree the less sure it is; from a few nothing is told', () => {
  const uneven = CELLS.map(({ atMm, widthMm, of }, i) =>
    cell(atMm[0], atMm[1], widthMm * (1.1 + (i % 3) * 0.1), of),
  );
  const growth = growthOf(CELLS, uneven)!;
  expect(growth.within).toBeGreaterThan(0.02);
  expect(Math.abs(growth.grown - 0.2)).toBeLessThanOrEqual(growth.within);
  expect(growthOf(CELLS.slice(0, 5), CELLS.slice(0, 5))).toBeUndefined();
});

/** What was measured of cells whose width goes as 1 + a (1 − e^(−t/τ)), a picture every five minutes from one minute on. */
function watchedOf(a: number, tau: number, pictures: number, noise = 0) {
  const width = (t: number) => 1 + a * (1 - Math.exp(-t / tau));
  const watched = Array.from({ length: pictures - 1 }, (_, i) => ({
    min: 5,
    growth: { grown: width(6 + 5 * i) / width(1 + 5 * i) - 1, within: noise },
  }));
  const last = 1 + 5 * (pictures - 1);
  return { watched, at: (min: number) => width(last + min) / width(last) - 1 };
}

test.each([
  [0.8, 8],
  [0.5, 15],
  [1.2, 10],
])('cells that open by %d over %d min are foretold from three pictures, to a point', (a, tau) => {
  const { watched, at } = watchedOf(a, tau, 3, 0.01);
  for (const { min, grown, least, most } of growthAhead(watched)) {
    expect(Math.abs(grown - at(min))).toBeLessThan(0.01);
    expect(least).toBeLessThanOrEqual(grown);
    expect(most).toBeGreaterThanOrEqual(grown);
  }
});

test('from two pictures the spread holds what comes, and is wide; what shrinks is not foretold to grow', () => {
  const { watched, at } = watchedOf(0.6, 9, 2, 0.01);
  const [, half] = growthAhead(watched);
  expect(half!.least).toBeLessThanOrEqual(at(30));
  expect(half!.most).toBeGreaterThanOrEqual(at(30));
  expect(half!.most - half!.least).toBeGreaterThan(0.1);
  const shrinks = growthAhead([{ min: 5, growth: { grown: -0.1, within: 0.01 } }]);
  expect(shrinks.every(({ grown, most }) => grown === 0 && most === 0)).toBe(true);
  expect(growthAhead([])).toEqual([]);
});

test('growth that is less than can be told is foretold as none, with its spread', () => {
  const [first] = growthAhead([{ min: 5, growth: { grown: 0.01, within: 0.02 } }]);
  expect(first!.grown).toBe(0);
  expect(first!.most).toBeGreaterThan(0);
});

test('the longer it was watched the further it is foretold', () => {
  const reach = (min: number) =>
    growthAhead([{ min, growth: { grown: 0.1, within: 0.01 } }]).map((ahead) => ahead.min);
  expect([0.5, 1.5, 2.5, 5].map(reach)).toEqual([[], [15], [15, 30], [15, 30, 60]]);
});

test('growth upon growth: widths multiply, and in all it is less sure than each', () => {
  const of = (grown: number, within: number) => ({ min: 5, growth: { grown, within } });
  expect(grownInAll([])).toEqual({ min: 0, grown: 0, within: 0 });
  const twice = grownInAll([of(0.1, 0.02), of(0.1, 0.02)]);
  expect(twice.min).toBe(10);
  expect(twice.grown).toBeCloseTo(0.21, 9);
  // Of a product of two: each error times the other width, squared and added.
  expect(twice.within).toBeCloseTo(1.1 * 0.02 * Math.SQRT2, 9);
  const width = (t: number) => 1 + 0.6 * (1 - Math.exp(-t / 9));
  expect(grownInAll(watchedOf(0.6, 9, 4).watched).grown).toBeCloseTo(width(16) / width(1) - 1, 9);
});
