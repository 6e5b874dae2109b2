import { accountOf } from './account';
import { layGrid } from './ground';
import { plainKernel } from './kernel';
import { halve, type Motion, overLogMean, planesOf, WHOLE, whole } from './motion';
import { BASE, endOf, flipped, scene } from './scene.test-data';
import { pourOn } from './simulate';
import type { Act } from './act';

const GRID = { nx: 32, ny: 24, dx: 2e-3 };

test('a motion kept for every second cell comes back as it was where it is smooth', () => {
  const n = GRID.nx * GRID.ny;
  const field = (p: number, x: number, y: number) =>
    Math.round(0.8 * WHOLE * Math.sin(0.16 * x + p) * Math.cos(0.13 * y - p));
  const motion: Motion = {
    data: Int16Array.from({ length: 4 * n }, (_, i) =>
      field(Math.floor(i / n), i % GRID.nx, Math.floor((i % n) / GRID.nx)),
    ),
    most: [1, 1, 1],
    box: { left: 0, top: 0, right: 31, bottom: 23 },
  };
  const kept = halve(motion, GRID);
  expect(kept.data.length).toBe(n);
  expect(planesOf(kept, n)).toBe(4);
  const back = whole(kept, GRID);
  expect(back.data.length).toBe(motion.data.length);
  // Away from the border, where nothing lies beyond to go by.
  for (let p = 0; p < 4; p++)
    for (let y = 2; y < GRID.ny - 2; y++)
      for (let x = 2; x < GRID.nx - 2; x++) {
        const i = p * n + y * GRID.nx + x;
        expect(Math.abs(back.data[i]! - motion.data[i]!)).toBeLessThan(0.03 * WHOLE);
      }
});

const TILTS: Act[] = [0, 90, 180, 270].map((towardDeg) => ({
  kind: 'tilt',
  towardDeg,
  angleDeg: 8,
  s: 6,
}));
const LONG = scene([BASE, flipped([100, 100], 40), ...TILTS]);

function within(mostBytes: number) {
  const site = layGrid(LONG, 40);
  return endOf(pourOn(plainKernel(site.grid, 4), LONG, site, undefined, mostBytes));
}
const bytesOf = ({ steps }: ReturnType<typeof within>) =>
  steps.reduce((sum, { motion }) => sum + (motion?.data.byteLength ?? 0), 0);

test('a long pour is kept within its memory, what was poured as it was; the film is the same', () => {
  const all = within(Infinity);
  const less = within(0.75 * bytesOf(all));
  expect(bytesOf(less)).toBeLessThanOrEqual(0.75 * bytesOf(all));
  expect([...less.h]).toEqual([...all.h]);
  for (const { left, motion } of less.steps) if (left) expect(motion?.halved).toBeUndefined();
  expect(less.steps.some(({ motion }) => motion?.halved)).toBe(true);
});

test('where that is not enough, frames something was poured in are kept so too, and the paint is still found', () => {
  const less = within(0.3 * bytesOf(within(Infinity)));
  expect(less.steps.some(({ left, motion }) => left && motion?.halved)).toBe(true);
  const kernel = plainKernel(less.site.grid, 4096);
  const { mixes } = endOf(accountOf(less, kernel));
  const found = (mix: string) => {
    const { faceMl, edgesMl, runOffMl } = mixes[mix]!;
    return faceMl + edgesMl + runOffMl;
  };
  const cup = ['a', 'b', 'c', 'd', 'e', 'f'].reduce((sum, mix) => sum + found(mix), 0);
  expect(Math.abs(cup / 40 - 1)).toBeLessThan(0.1);
  expect(Math.abs(found('base') / 40 - 1)).toBeLessThan(0.1);
});

test('one that does not fit even so says what to do', () => {
  expect(() => within(20_000)).toThrow('take some out, or make them shorter');
});

test.each([
  [0.2, 1e-6],
  [0.5, 3e-4],
  [0.8, 0.006],
  [0.9, 0.031],
])(
  'the mean of 1/h where a height goes evenly from a to b, (b − a)/(b + a) = %f, is told to %f',
  (r, off) => {
    expect(Math.abs(overLogMean(r * r) / (Math.atanh(r) / r) - 1)).toBeLessThan(off);
  },
);

test('where a height goes from nothing, the mean of 1/h is told as twofold and never more', () => {
  expect(overLogMean(0)).toBe(1);
  expect(overLogMean(1)).toBeCloseTo(50 / 24, 9);
  for (let r = 0.01; r <= 1; r += 0.01)
    expect(overLogMean(r * r)).toBeGreaterThan(overLogMean((r - 0.01) ** 2));
});
