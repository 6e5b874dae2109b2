import { accountOf } from './account';
import type { Act } from './act';
import { volumeM3 } from './film';
import { settledOf } from './outcome';
import { BASE, birthAt, endOf, flipped, oncePoured, poured, scene } from './scene.test-data';

const film = oncePoured((acts: readonly Act[]) =>
  poured(scene([BASE, flipped([100, 100], 60, 3), ...acts]), 56),
);
const plain = () => film([]);
const dipped = (change: { s?: number; keeps?: number; presses?: number } = {}) =>
  film([{ kind: 'dip', s: 0, keeps: 0.5, presses: 12, ...change }]);
const cleared = (rMm = 30) => film([{ kind: 'clear', atMm: [100, 100], rMm, leaves: 0.001 }]);
const sum = (of: readonly number[]) => of.reduce((a, b) => a + b, 0);

test.each([
  ['dipped', () => dipped({ s: 3 })],
  ['wiped bare', () => cleared()],
])(
  '%s: what is on the face, the sides, ran off and was taken is what was laid, of each mix too',
  (_, made) => {
    const { pour, kernel } = made();
    expect(pour.takenMl).toBeGreaterThan(1);
    const all = volumeM3(kernel.film) * 1e6 + sum(pour.spiltMl) + pour.edgesMl + pour.takenMl;
    expect(all / pour.laidMl).toBeCloseTo(1, 6);
    expect(settledOf(pour).takenMl).toBe(pour.takenMl);
    const { mixes } = endOf(accountOf(pour, kernel));
    const there = Object.values(mixes);
    expect(sum(there.map((m) => m.takenMl)) / pour.takenMl).toBeCloseTo(1, 2);
    // Three layers of 20 mL each and 40 mL of base were brought.
    for (const [mix, ml] of Object.entries({ a: 20, b: 20, c: 20, base: 40 })) {
      const { faceMl, edgesMl, runOffMl, takenMl } = mixes[mix]!;
      expect(Math.abs((faceMl + edgesMl + runOffMl + takenMl) / ml - 1)).toBeLessThan(0.08);
    }
  },
);

test('what lay on top lies on the piece, and what was in the middle of the film shows', () => {
  const [was, is] = [plain(), dipped()];
  for (const at of [
    [100, 100],
    [120, 90],
    [85, 115],
  ] as const) {
    expect(birthAt(is, at, 0).mix).toBe(birthAt(was, at, 1).mix);
    // The film parts in its middle, a sixth of it more or less.
    const shown = birthAt(is, at, 1);
    const near = [0.3, 0.4, 0.5, 0.6, 0.7].map((z) => birthAt(was, at, z).mix);
    expect(near).toContain(shown.mix);
  }
});

test('a piece that keeps more leaves less; pressed for longer the film is more even', () => {
  expect(dipped({ keeps: 0.7 }).pour.takenMl).toBeLessThan(dipped({ keeps: 0.3 }).pour.takenMl);
  const unevenness = ({ pour }: ReturnType<typeof dipped>) =>
    settledOf(pour).film.thickestMm / settledOf(pour).film.meanMm;
  expect(unevenness(dipped({ s: 6 }))).toBeLessThan(0.8 * unevenness(dipped()));
  expect(unevenness(dipped({ s: 6, presses: 2 }))).toBeGreaterThan(unevenness(dipped({ s: 6 })));
});

test('as much of the face is bare as was wiped, and nothing is missing there', () => {
  const { pour, site } = cleared(30);
  const bare = pour.h.filter((h, i) => site.inside[i] && h < 20e-6).length * site.cellMm ** 2;
  // Less its soft rim.
  expect(bare / (Math.PI * 30 ** 2)).toBeGreaterThan(0.7);
  expect(bare / (Math.PI * 30 ** 2)).toBeLessThan(1);
  expect(settledOf(pour).coveredShare).toBe(settledOf(plain().pour).coveredShare);
  expect(birthAt({ ...cleared(30) }, [140, 100], 0.9)).toEqual(birthAt(plain(), [140, 100], 0.9));
});

/** A piece whose sides are wet before the pour and catch what runs over them after it, a knife run down them between the two or not. */
const overSides = (scrapes: readonly Act[]) => {
  const wetSides: Act = { kind: 'overlay', mix: 'base', filmMm: 0.3, bandMm: 20, sidesCm2: 160 };
  const runsOver: Act = { kind: 'tilt', towardDeg: 0, angleDeg: 20, s: 20 };
  return poured(
    {
      ...scene([wetSides, BASE, flipped([100, 100], 60, 3), runsOver, ...scrapes]),
      edge: { depthMm: 20, filmMm: 0.8 },
    },
    56,
  );
};

test('a knife down the rim takes its share off the sides, of every mix on them, and nothing off the face', () => {
  const [left, scraped] = [overSides([]), overSides([{ kind: 'scrape', keeps: 0.25 }])];
  expect(left.pour.edgesMl).toBeGreaterThan(5);
  expect(scraped.pour.edgesMl / left.pour.edgesMl).toBeCloseTo(0.25, 6);
  expect(scraped.pour.takenMl / left.pour.edgesMl).toBeCloseTo(0.75, 6);
  expect(scraped.pour.h).toEqual(left.pour.h);
  const [were, are] = [left, scraped].map(
    ({ pour, kernel }) => endOf(accountOf(pour, kernel)).mixes,
  );
  for (const [mix, was] of Object.entries(were!)) {
    const is = are![mix]!;
    expect(is.edgesMl).toBeCloseTo(0.25 * was.edgesMl, 6);
    expect(is.takenMl).toBeCloseTo(0.75 * was.edgesMl, 6);
    expect(is.faceMl).toBeCloseTo(was.faceMl, 6);
  }
});

test('sides that were scraped catch what comes over them afterwards', () => {
  const again: Act = { kind: 'tilt', towardDeg: 180, angleDeg: 20, s: 20 };
  const knife: Act = { kind: 'scrape', keeps: 0 };
  const { pour, kernel } = overSides([knife, again]);
  expect(pour.edgesMl).toBeGreaterThan(1);
  const there = Object.values(endOf(accountOf(pour, kernel)).mixes);
  expect(sum(there.map((m) => m.edgesMl)) / pour.edgesMl).toBeCloseTo(1, 2);
  expect(sum(there.map((m) => m.takenMl)) / pour.takenMl).toBeCloseTo(1, 2);
});
