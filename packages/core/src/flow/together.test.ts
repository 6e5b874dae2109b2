import { accountOf } from './account';
import type { Act } from './act';
import type { Stream } from './act/stream';
import { BASE, birthAt, endOf, flipped, poured as pouredOn, scene } from './scene.test-data';
import type { PourScene } from './scene';

/** Coarse: what is asked here does not hang on the grid. */
const poured = (what: PourScene, cells = 44) => pouredOn(what, cells);

const TILT: Act = { kind: 'tilt', towardDeg: 0, angleDeg: 4, s: 4 };
/** How far two films are apart, as a share of what lies there. */
const apart = (one: Float32Array, other: Float32Array): number =>
  one.reduce((sum, h, i) => sum + Math.abs(h - other[i]!), 0) / one.reduce((sum, h) => sum + h, 0);
const thin = (atMm: readonly [number, number], mix: string, change: Partial<Stream> = {}): Stream =>
  flipped(atMm, 15, 1, {
    core: false,
    radiusMm: [{ at: 0, mm: 8 }],
    s: 5,
    lamination: 'stack',
    strata: [{ mix, ml: 15, dive: 0 }],
    ...change,
  });

// Accelerations add up as vectors: two slopes of 4° at right angles are one of 5.66° between them, to the square of small angles.
test('two tilts at once are one tilt of both', () => {
  const heap = [BASE, flipped([100, 100], 40, 3)];
  const two = poured(
    scene([...heap, TILT, { ...TILT, towardDeg: 90 }], { turns: [[1], [1], [1, 1]] }),
  );
  const one = poured(scene([...heap, { ...TILT, towardDeg: 45, angleDeg: 4 * Math.SQRT2 }]));
  expect(apart(two.pour.h, one.pour.h)).toBeLessThan(0.01);
  const after = poured(scene([...heap, TILT, { ...TILT, towardDeg: 90 }]));
  expect(apart(after.pour.h, one.pour.h)).toBeGreaterThan(0.05);
});

test('lanes of one act each after the other are what acts are without lanes', () => {
  const acts = [BASE, flipped([100, 100], 40, 3), TILT];
  const lanes = poured(scene(acts, { turns: [[3]] }));
  expect(lanes.pour.h).toEqual(poured(scene(acts)).pour.h);
});

test('two cups poured at once keep to their sides, and all of both is found', () => {
  const pour = poured(
    scene([BASE, thin([75, 100], 'a'), thin([125, 100], 'b')], { turns: [[1], [1, 1]] }),
    64,
  );
  expect(birthAt(pour, [75, 100], 1).source).toBe(1);
  expect(birthAt(pour, [125, 100], 1).source).toBe(2);
  const { mixes, unfoundMl } = endOf(accountOf(pour.pour, pour.kernel));
  for (const mix of ['a', 'b']) {
    const { faceMl, edgesMl, runOffMl } = mixes[mix]!;
    expect(Math.abs(faceMl + edgesMl + runOffMl - 15)).toBeLessThan(0.5);
  }
  expect(unfoundMl).toBeLessThan(0.3);
});

test('what takes longer goes on when the other has ended', () => {
  const both = scene(
    [
      BASE,
      thin([100, 100], 'a', { s: 3 }),
      { kind: 'spin', aboutMm: [100, 100], turnsPerMin: 60, s: 9 },
    ],
    { turns: [[1], [1, 1]] },
  );
  const spun = poured(both);
  const still = poured(scene(both.acts.slice(0, 2)));
  const off = ({ pour }: typeof spun) => pour.spiltMl.reduce((sum, ml) => sum + ml, 0);
  expect(off(spun)).toBeGreaterThan(off(still) + 1);
  const weight = spun.pour.steps.reduce((sum, step) => sum + step.weight, 0);
  // 3 s of pouring and 9 of turning, each second felt once.
  expect(weight).toBeCloseTo(12, 1);
});

test('through openings on a ring come as many spots, and each holds its part', () => {
  const openings = { n: 5, ringMm: 45 };
  const { pour, site } = poured(
    scene([BASE, thin([100, 100], 'a', { openings, radiusMm: [{ at: 0, mm: 5 }], s: 3 })]),
    96,
  );
  const heightAt = (deg: number, r: number) => {
    const [x, y] = [
      100 + r * Math.cos((deg * Math.PI) / 180),
      100 + r * Math.sin((deg * Math.PI) / 180),
    ];
    const cell = (mm: number, axis: 0 | 1) => Math.floor((mm + site.originMm[axis]) / site.cellMm);
    return pour.h[cell(y, 1) * site.grid.nx + cell(x, 0)]!;
  };
  // Heaps met walking once round the ring: heights above what lies between them.
  const round = Array.from({ length: 360 }, (_, deg) => heightAt(deg, 45));
  const mean = round.reduce((sum, h) => sum + h, 0) / 360;
  const rises = round.filter((h, i) => h > mean && round[(i + 359) % 360]! <= mean).length;
  expect(rises).toBe(5);
});

test('strata that leave together lie stacked the way they are told, right round', () => {
  const strata = [
    { mix: 'a', ml: 10, dive: 0 },
    { mix: 'b', ml: 10, dive: 0 },
  ];
  for (const deg of [0, 90, 180, -90]) {
    const pour = poured(scene([thin([100, 100], 'a', { strata, beside: true, stackedDeg: deg })]));
    const angle = (deg * Math.PI) / 180;
    const at = (r: number) =>
      birthAt(pour, [100 + r * Math.cos(angle), 100 + r * Math.sin(angle)], 0.9).mix;
    expect([at(-15), at(15)]).toEqual(['a', 'b']);
  }
});
