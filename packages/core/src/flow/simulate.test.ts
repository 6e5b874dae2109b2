import { volumeM3 } from './film';
import { layGrid } from './ground';
import { plainKernel } from './kernel';
import type { Act } from './act';
import type { PourScene } from './scene';
import { BASE, flipped, poured, scene } from './scene.test-data';
import { pourOn } from './simulate';

const TILT: Act = { kind: 'tilt', towardDeg: 30, angleDeg: 9, s: 8 };
const left = ({ kernel }: ReturnType<typeof poured>) => volumeM3(kernel.film) * 1e6;
const sum = (values: readonly number[]) => values.reduce((a, b) => a + b, 0);

test('what was laid is on the surface or over an edge, to 1e-9', () => {
  const what = poured(scene([BASE, flipped([100, 100], 90), TILT, { kind: 'rest', s: 60 }]));
  expect(what.pour.laidMl).toBeCloseTo(90 + 40, 4);
  expect(Math.abs((left(what) + sum(what.pour.spiltMl)) / what.pour.laidMl - 1)).toBeLessThan(1e-9);
  expect(Math.min(...what.pour.spiltMl)).toBeGreaterThanOrEqual(0);
});

test('more leaves over the side it is tilted to', () => {
  const { pour } = poured(scene([BASE, flipped([100, 100], 60), { ...TILT, towardDeg: 0, s: 14 }]));
  const [right, bottom, leftSide, top] = pour.spiltMl;
  expect(right).toBeGreaterThan(3 * leftSide);
  expect(Math.abs(bottom - top)).toBeLessThan(0.03 * sum(pour.spiltMl));
});

test('a rim holds what stands below it: a high one all of it, a low one the less the lower', () => {
  const over = (rimMm: number) =>
    sum(poured(scene([flipped([100, 100], 160), TILT], { rimMm })).pour.spiltMl);
  expect(over(40)).toBe(0);
  expect(over(12)).toBeGreaterThan(1);
  expect(over(6)).toBeGreaterThan(over(12) + 10);
});

test('on dry ground a small pour stops in a patch and leaves the rest bare', () => {
  const { pour, site } = poured(scene([flipped([100, 100], 15), { kind: 'rest', s: 600 }]));
  const wet = pour.h.filter((h) => h > 1e-4);
  const meanMm = (1000 * sum([...wet])) / wet.length;
  expect(wet.length).toBeLessThan(0.5 * sum([...site.inside]));
  expect(meanMm).toBeGreaterThan(0.8);
  expect(meanMm).toBeLessThan(1.6);
});

/** Heights in reading order after another map of the places on the surface. */
const mapped = (
  { pour, site }: ReturnType<typeof poured>,
  from: (x: number, y: number, n: number) => readonly [number, number],
) => {
  const { nx } = site.grid;
  const n = Math.round(200 / site.cellMm);
  const start = Math.round(site.originMm[0] / site.cellMm);
  return Array.from({ length: n * n }, (_, i) => {
    const [x, y] = from(i % n, Math.floor(i / n), n);
    return pour.h[(start + y) * nx + start + x]!;
  });
};
const mostApart = (a: readonly number[], b: readonly number[]) =>
  Math.max(...a.map((v, i) => Math.abs(v - b[i]!)));

test.each([
  ['one film', {}],
  ['two films', { nuOf: { base: 3e-3, a: 1.1e-3, b: 0.7e-3 } }],
])('a mirrored pour is the mirror image, one turned is the same but turned: %s', (_, change) => {
  const of = (at: readonly [number, number], towardDeg: number) =>
    poured(scene([BASE, flipped(at, 60), { ...TILT, towardDeg }], change), 40);
  const plain = mapped(of([80, 110], 25), (x, y) => [x, y]);
  const mirror = mapped(of([120, 110], 155), (x, y, n) => [n - 1 - x, y]);
  expect(mostApart(plain, mirror)).toBeLessThan(1e-9);
  const half = mapped(of([120, 90], 205), (x, y, n) => [n - 1 - x, n - 1 - y]);
  expect(mostApart(plain, half)).toBeLessThan(1e-9);
  // Turned a quarter clockwise (x, y) lies at (200 − y, x). Rows and columns are swept in another order, so it is near, not the same.
  const turned = mapped(of([90, 80], 115), (x, y, n) => [n - 1 - y, x]);
  expect(mostApart(plain, turned)).toBeLessThan(6e-5);
});

const bytes = ({ pour }: ReturnType<typeof poured>) => [...new Uint32Array(pour.h.buffer)].join();
const dry = (seed: number): PourScene =>
  scene([flipped([100, 100], 40, 6, { strayMm: 4 }), TILT], { seed });

test('the same seed gives the same pour to the last bit, another seed another', () => {
  expect(bytes(poured(dry(7), 40))).toBe(bytes(poured(dry(7), 40)));
  expect(bytes(poured(dry(7), 40))).not.toBe(bytes(poured(dry(8), 40)));
});

test('progress only grows, and a pour may be left at any moment', () => {
  const what = scene([BASE, flipped([100, 100], 40), TILT]);
  const site = layGrid(what, 40);
  const work = pourOn(plainKernel(site.grid, 4), what, site);
  let before = 0;
  for (let i = 0; i < 12; i++) {
    const step = work.next();
    if (step.done) throw new Error('done too soon');
    expect(step.value).toBeGreaterThanOrEqual(before);
    before = step.value;
  }
  expect(work.return(undefined as never).done).toBe(true);
});
