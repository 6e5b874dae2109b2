import type { Jet } from './act/jet';
import { volumeM3 } from './film';
import { BASE, birthAt, flipped, oncePoured, poured, scene } from './scene.test-data';

const JET: Jet = {
  kind: 'jet',
  fromMm: [100, 100],
  towardDeg: 0,
  reachMm: 60,
  press: 0.2,
  shear: 0.01,
  spotMm: 12,
  s: 1.5,
};
const blown = oncePoured((change: Partial<Jet>) =>
  poured(scene([BASE, flipped([100, 100], 30, 1), { ...JET, ...change }]), 64),
);
const sum = (values: Iterable<number>) => [...values].reduce((a, b) => a + b, 0);

/** Volume east of a line, mL. */
const eastOf = ({ pour, site }: ReturnType<typeof poured>, xMm: number) =>
  sum(pour.h.map((h, i) => ((i % site.grid.nx) * site.cellMm - site.originMm[0] > xMm ? h : 0))) *
  site.grid.dx ** 2 *
  1e6;

test('it carries paint the way it blows, all of which stays counted', () => {
  const still = blown({ press: 0, shear: 0 });
  const east = blown({});
  expect(eastOf(east, 120)).toBeGreaterThan(eastOf(still, 120) + 1);
  const west = blown({ towardDeg: 180 });
  expect(eastOf(west, 80)).toBeLessThan(eastOf(still, 80) - 1);
  const { pour, kernel } = east;
  expect((volumeM3(kernel.film) * 1e6 + sum(pour.spiltMl)) / pour.laidMl).toBeCloseTo(1, 9);
  expect(sum(kernel.film.shearX) + sum(kernel.film.pushX)).toBe(0);
});

test('more air and a longer breath carry it farther; thicker paint goes less far', () => {
  const carried = (change: Partial<Jet>) => eastOf(blown(change), 120);
  expect(carried({ shear: 0.016 })).toBeGreaterThan(carried({}) + 0.3);
  expect(carried({ s: 3 })).toBeGreaterThan(carried({}) + 0.3);
  const thick = poured(scene([BASE, flipped([100, 100], 30, 1), JET], { nu: 3e-3 }), 64);
  expect(eastOf(thick, 120)).toBeLessThan(carried({}));
});

test('blown to the other side it is the mirror image', () => {
  const across = ({ pour, site: { grid } }: ReturnType<typeof poured>, mirrored: boolean) =>
    Array.from(pour.h, (_, i) => {
      const [x, y] = [i % grid.nx, Math.floor(i / grid.nx)];
      return pour.h[y * grid.nx + (mirrored ? grid.nx - 1 - x : x)]!;
    });
  const [east, west] = [across(blown({}), false), across(blown({ towardDeg: 180 }), true)];
  expect(Math.max(...east.map((h, i) => Math.abs(h - west[i]!)))).toBeLessThan(1e-6);
});

test('colour goes with it: where base lay beside the puddle, the cup’s paint lies after', () => {
  const topAt = (what: ReturnType<typeof poured>, xMm: number) =>
    birthAt(what, [xMm, 100], 1).source;
  const [still, east] = [blown({ press: 0, shear: 0 }), blown({ s: 3 })];
  const edge = [...Array(60).keys()].map((n) => 110 + n).find((x) => topAt(still, x) === 0)!;
  expect(topAt(east, edge + 4)).toBe(1);
});
