import fc from 'fast-check';
import { between } from '../between.test-data';
import { accountOf } from './account';
import type { Act } from './act';
import { inStretches } from './act/pull';
import { carriedBy } from './carried-by';
import type { FilmKernel } from './kernel';
import { type Moves, pulledOff } from './pulled-off';
import { BASE, endOf, flipped, poured, scene } from './scene.test-data';
import type { Site } from './ground';

const SITE = { grid: { nx: 200, ny: 120, dx: 1e-3 } } as Site;
const BELL = 3;

/** Where places lay before, by cells and level. */
function back(moves: Moves, takes: number, places: readonly (readonly [number, number, number])[]) {
  const samples = {
    x: Float64Array.from(places, ([x]) => x),
    y: Float64Array.from(places, ([, y]) => y),
    z: Float64Array.from(places, ([, , z]) => z),
  };
  carriedBy(
    [moves],
    takes,
    BELL,
    SITE,
  )({
    kernel: { samples } as unknown as FilmKernel,
    site: SITE,
    count: places.length,
    born: () => undefined,
  });
  return places.map((_, k) => [samples.x[k]!, samples.y[k]!, samples.z[k]!] as const);
}

/** A straight row of places from 20 to 180, all moved along it by so much. */
const row = (by: number, y = 60): Moves =>
  Array.from({ length: 107 }, (_, k) => [20 + 1.5 * k, y, by, 0] as const);

test('a straight string pulled along itself goes along itself', () => {
  const line = [
    [20, 60],
    [120, 60],
  ] as const;
  for (const [x, y, byX, byY] of pulledOff(line, 0, 0.3, 0.4, 1.5)) {
    expect(y).toBeCloseTo(60, 9);
    expect(x).toBeGreaterThanOrEqual(20 + 30);
    expect(byX).toBeCloseTo(10, 9);
    expect(byY).toBeCloseTo(0, 9);
  }
});

test('what is left of a bent one comes to lie toward the hand, and all of it is past its end when it is off', () => {
  const bent = [
    [40, 20],
    [80, 60],
    [40, 100],
  ] as const;
  const last = pulledOff(bent, 90, 0.99, 1, 1.5);
  for (const [, y] of last) expect(y).toBeGreaterThan(98);
  // Half way it lies nearer to the straight line down from its end than it did.
  const farthest = (moves: Moves) => Math.max(...moves.map(([x]) => x - 40));
  expect(farthest(pulledOff(bent, 90, 0.5, 0.51, 1.5))).toBeLessThan(30);
  expect(farthest(pulledOff(bent, 90, 0, 0.01, 1.5))).toBeGreaterThan(38);
});

test('on a straight row the surface goes along by its share, beside it by a bell, and the ground not at all', () => {
  const moves = row(2);
  const [on, beside, half, ground, far] = back(moves, 0.5, [
    [100, 60, 1],
    [100, 60 + BELL, 1],
    [100, 60, 0.5],
    [100, 60, 0],
    [100, 60 + 5 * BELL, 1],
  ]);
  // Between the cells' middles the bell is told straight: two hundredths.
  const near = (went: number, by: number) => expect(Math.abs(went - by)).toBeLessThan(0.02);
  near(100 - on![0], 1);
  near(100 - beside![0], Math.exp(-0.5));
  near(100 - half![0], 0.5);
  expect(ground).toEqual([100, 60, 0]);
  expect(far).toEqual([100, 60 + 5 * BELL, 1]);
  for (const [x, y, z] of [on!, beside!])
    expect([x < 100, y === 60 || y === 63, z]).toEqual([true, true, 1]);
});

test('where two strands run side by side the surface follows both, and neither leaps', () => {
  const opposite = [...row(2, 58), ...row(-2, 62)];
  const [between] = back(opposite, 0.5, [[100, 60, 1]]);
  expect(Math.abs(between![0] - 100)).toBeLessThan(0.02);
  const along = back(
    opposite,
    0.5,
    Array.from({ length: 200 }, (_, k) => [100, 50 + k / 10, 1] as const),
  );
  for (let k = 1; k < along.length; k++)
    expect(Math.abs(along[k]![0] - along[k - 1]![0])).toBeLessThan(0.08);
});

test('places keep their order, whichever way a string is bent and pulled', () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.integer({ min: 40, max: 160 }), fc.integer({ min: 30, max: 90 })), {
        minLength: 3,
        maxLength: 7,
      }),
      fc.integer({ min: 0, max: 359 }),
      between(0, 0.9),
      (line, toward, gone) => {
        const bend = line.filter(
          (p, i) => i === 0 || p[0] !== line[i - 1]![0] || p[1] !== line[i - 1]![1],
        );
        if (bend.length < 2) return;
        const long = bend
          .slice(1)
          .reduce((sum, p, i) => sum + Math.hypot(p[0] - bend[i]![0], p[1] - bend[i]![1]), 0);
        // As far as a stretch goes at the most.
        const moves = pulledOff(bend, toward, gone, gone + (0.7 * BELL) / long, BELL / 2);
        const e = 0.25;
        const places = Array.from(
          { length: 300 },
          (_, k) => [30 + ((k * 37) % 140), 20 + ((k * 53) % 80), 1] as const,
        );
        const at = back(moves, 0.5, places);
        const right = back(
          moves,
          0.5,
          places.map(([x, y, z]) => [x + e, y, z] as const),
        );
        const down = back(
          moves,
          0.5,
          places.map(([x, y, z]) => [x, y + e, z] as const),
        );
        const areas = at.map(
          ([x, y], k) =>
            (right[k]![0] - x) * (down[k]![1] - y) - (right[k]![1] - y) * (down[k]![0] - x),
        );
        expect(Math.min(...areas)).toBeGreaterThan(0);
      },
    ),
  );
});

test('however long a string, the surface goes no farther in a stretch than places can follow, and in no more stretches than can be kept', () => {
  fc.assert(
    fc.property(between(0, 5000), between(0.05, 20), (far, radius) => {
      const { bell, stretches } = inStretches(far, radius);
      expect(far / stretches).toBeLessThanOrEqual(0.7 * bell + 1e-6);
      expect(stretches).toBeLessThanOrEqual(120);
      expect(bell).toBeGreaterThanOrEqual(radius);
    }),
  );
});

test('a string pulled through a film carries colour along and loses none of any mix', () => {
  const string: Act = {
    kind: 'pull',
    lineMm: [
      [60, 60],
      [140, 90],
      [70, 120],
      [120, 150],
    ],
    towardDeg: 60,
    radiusMm: 3,
    takes: 0.5,
  };
  const film = scene([BASE, flipped([100, 100], 60, 3), string]);
  const { pour, kernel } = poured(film, 72);
  const { mixes } = endOf(accountOf(pour, kernel));
  const plain = poured(scene([BASE, flipped([100, 100], 60, 3)]), 72);
  const were = endOf(accountOf(plain.pour, plain.kernel)).mixes;
  expect(pour.h).toEqual(plain.pour.h);
  for (const [mix, { faceMl }] of Object.entries(mixes))
    expect(Math.abs(faceMl - were[mix]!.faceMl)).toBeLessThan(0.05 * were[mix]!.faceMl + 0.5);
});
