import type { Spin } from './act/spin';
import { BASE, flipped, poured, scene } from './scene.test-data';

const sum = (values: readonly number[]) => values.reduce((a, b) => a + b, 0);
const SPIN: Spin = { kind: 'spin', aboutMm: [100, 100], turnsPerMin: 90, s: 12 };
const spun = (change: Partial<Spin>, acts = [BASE]) =>
  poured(scene([...acts, { ...SPIN, ...change }]), 48);
const heightAt = ({ pour, site }: ReturnType<typeof poured>, x: number, y: number) => {
  const cell = (mm: number, axis: 0 | 1) => Math.floor((mm + site.originMm[axis]) / site.cellMm);
  return pour.h[cell(y, 1) * site.grid.nx + cell(x, 0)]!;
};

// Emslie, Bonner and Peck 1958: 1/h² grows by 4ω²/3ν a second (from memory); ω rises and falls evenly over 3 s each, so ∫ω² = ω²(s − 2·3 + 2·3/3).
test('the middle of a spun film thins as Emslie, Bonner and Peck say, within 2 %', () => {
  const what = spun({});
  const omega = (90 * 2 * Math.PI) / 60;
  const seconds = 12 - 6 + 2;
  const expected = 1 / Math.sqrt(1 / 1e-3 ** 2 + (4 * omega ** 2 * seconds) / (3 * 1.1e-3));
  expect(heightAt(what, 98, 98) / expected).toBeGreaterThan(0.98);
  expect(heightAt(what, 98, 98) / expected).toBeLessThan(1.02);
});

test('what flies off is counted; faster and longer throw more, and every way alike', () => {
  const off = (change: Partial<Spin>) => spun(change).pour.spiltMl;
  const [right, bottom, left, top] = off({ turnsPerMin: 150 });
  for (const side of [bottom, left, top]) expect(side / right).toBeCloseTo(1, 1);
  expect(sum(off({ turnsPerMin: 150 }))).toBeGreaterThan(sum(off({ turnsPerMin: 100 })) + 1);
  expect(sum(off({ turnsPerMin: 150, s: 24 }))).toBeGreaterThan(sum(off({ turnsPerMin: 150 })) + 1);
  const { pour, kernel, site } = spun({ turnsPerMin: 150 });
  const stands = sum([...kernel.film.h]) * site.grid.dx ** 2 * 1e6;
  expect((stands + sum(pour.spiltMl)) / pour.laidMl).toBeCloseTo(1, 9);
});

test('about a place off the middle more flies off on the far side, and nothing turns afterwards', () => {
  const [right, , left] = spun({ aboutMm: [60, 100], turnsPerMin: 150 }).pour.spiltMl;
  expect(right).toBeGreaterThan(1.5 * left);
  const still = poured(scene([BASE, SPIN, { kind: 'rest', s: 5 }]), 24);
  expect(Math.max(...still.kernel.film.pushX)).toBe(0);
});

test('a plate that leans drags the design that way, farther the more it leans; a level one does not', () => {
  const middleX = (change: Partial<Spin>) => {
    const { pour, site } = spun({ turnsPerMin: 40, ...change }, [BASE, flipped([100, 100], 30)]);
    let [sum, at] = [0, 0];
    pour.h.forEach((h, i) => {
      sum += h;
      at += h * ((i % site.grid.nx) + 0.5) * site.cellMm;
    });
    return at / sum - site.originMm[0];
  };
  const level = middleX({});
  expect(level).toBeCloseTo(100, 0);
  const two = middleX({ leanDeg: 2, lowDeg: 0 }) - level;
  expect(two).toBeGreaterThan(0.5);
  expect(middleX({ leanDeg: 4, lowDeg: 0 }) - level).toBeGreaterThan(1.3 * two);
  expect(middleX({ leanDeg: 2, lowDeg: 180 }) - level).toBeCloseTo(-two, 1);
});

test('a puddle is spun outward evenly', () => {
  const what = spun({ turnsPerMin: 150 }, [BASE, flipped([100, 100], 30)]);
  for (const [x, y] of [
    [150, 100],
    [100, 150],
    [50, 100],
  ] as const)
    expect(heightAt(what, x - 2, y - 2) / heightAt(what, 98, 48)).toBeCloseTo(1, 0);
});
