import { accountOf } from './account';
import type { Press } from './act/press';
import { volumeM3 } from './film';
import { BASE, birthAt, endOf, flipped, oncePoured, poured, scene } from './scene.test-data';

const PRESS: Press = { kind: 'press', atMm: [100, 100], rMm: 25, leaves: 0.35 };
const film = oncePoured((presses: readonly Press[]) =>
  poured(scene([BASE, flipped([100, 100], 60, 3), ...presses]), 56),
);
const pressed = (change: Partial<Press> = {}) => film([{ ...PRESS, ...change }]);
const plain = () => film([]);
const heightAt = ({ pour, site }: ReturnType<typeof poured>, x: number, y: number) => {
  const cell = (mm: number, axis: 0 | 1) => Math.floor((mm + site.originMm[axis]) / site.cellMm);
  return pour.h[cell(y, 1) * site.grid.nx + cell(x, 0)]!;
};

test('under it stays its share, round it lies a rim, farther off nothing changes', () => {
  const [was, is] = [plain(), pressed()];
  expect(heightAt(is, 100, 100) / heightAt(was, 100, 100)).toBeCloseTo(0.35, 1);
  expect(heightAt(is, 130, 100)).toBeGreaterThan(heightAt(was, 130, 100) + 2e-4);
  expect(heightAt(is, 140, 100)).toBe(heightAt(was, 140, 100));
  expect(heightAt(pressed({ leaves: 0.15 }), 100, 100)).toBeLessThan(heightAt(is, 100, 100));
});

// Area of contact: so many cells are thinner by half as have their middle where most is pressed out.
test('as much of the face is thinned as it touches, less its soft edge', () => {
  const [was, is] = [plain(), pressed()];
  const thinned = is.pour.h.filter((h, i) => h < 0.6 * was.pour.h[i]!).length;
  const area = thinned * is.site.cellMm ** 2;
  expect(area / (Math.PI * 25 ** 2)).toBeGreaterThan(0.6);
  expect(area / (Math.PI * 25 ** 2)).toBeLessThan(0.9);
});

test('what lay at a third of the film is on top there, the rim has the cup’s own, and no mix is lost', () => {
  const [was, is] = [plain(), pressed()];
  expect(birthAt(is, [108, 100], 1).s).toBeCloseTo(birthAt(was, [108, 100], 0.35).s, 3);
  expect(birthAt(is, [131, 100], 1).source).toBe(1);
  const { pour, kernel } = is;
  const off = pour.spiltMl.reduce((a, b) => a + b, 0);
  expect((volumeM3(kernel.film) * 1e6 + off) / pour.laidMl).toBeCloseTo(1, 7);
  const { mixes } = endOf(accountOf(pour, kernel));
  const { mixes: plainMixes } = endOf(accountOf(was.pour, was.kernel));
  for (const mix of ['a', 'b', 'c', 'base'])
    expect(Math.abs(mixes[mix]!.faceMl / plainMixes[mix]!.faceMl - 1)).toBeLessThan(0.08);
});
