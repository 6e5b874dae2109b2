import type { Blade } from './act/blade';
import type { Act } from './act';
import { fieldAt } from './field-at';
import { volumeM3 } from './film';
import { layGrid, type Site } from './ground';
import { accountOf } from './account';
import { BASE, endOf, flipped, poured, scene } from './scene.test-data';
import { wipe } from './wiped-strip';

const site: Site = layGrid(scene([]), 80);
const STROKE = {
  fromMm: [30, 100],
  toMm: [150, 100],
  widthMm: 80,
  gapMm: 0.8,
  lengthMm: 40,
} as const;
const filmOf = (mm: number) => Float32Array.from(site.inside, (inside) => (inside ? mm / 1000 : 0));
const cells = (mm: number, axis: 0 | 1) => (mm + site.originMm[axis]) / site.cellMm;
const stripOver = (mm: number) => wipe(filmOf(mm), site, STROKE)!;
const at = (x: number, y = 100) => [cells(x, 0), cells(y, 1)] as const;

// science-flow 13: untouched while h ≤ gap; beyond, gap ÷ 2 stays.
test('film lower than the gap is left alone; of a higher one half the gap stays, and the rest lies at the end', () => {
  expect(stripOver(0.7).after(...at(90))! * 1000).toBeCloseTo(0.7, 5);
  const strip = stripOver(1.5);
  expect(strip.after(...at(90))! * 1000).toBeCloseTo(0.4, 6);
  expect(strip.after(...at(145))! * 1000).toBeGreaterThan(5);
  expect(strip.after(...at(160))).toBeUndefined();
  expect(strip.after(...at(90, 145))).toBeUndefined();
});

// Couette under the blade: ζ = 1 − √(1 − 2z/gap) goes along by length · ζ/(1 − ζ) (science-flow 13).
test.each([0.1, 0.25, 0.3])(
  'amid the stroke, what lies at %d mm was so far behind as Couette flow has it, and as high',
  (zMm) => {
    const [x, y] = at(125);
    const from = stripOver(1.5).before(x, y, zMm / 0.4)!;
    const zeta = 1 - Math.sqrt(1 - zMm / 0.4);
    expect((x - from[0]) * site.cellMm).toBeCloseTo((40 * zeta) / (1 - zeta), 0);
    expect(from[2] * 1.5).toBeCloseTo(zMm, 3);
  },
);

test('on top lies a skin of what it touched first, the thinner the farther', () => {
  const strip = stripOver(1.5);
  const [x, y] = at(125);
  const skin = strip.before(x, y, 0.999)!;
  // From the beginning of the stroke, bowed a little, and from above what stayed there.
  expect((skin[0] - cells(30, 0)) * site.cellMm).toBeLessThan(12);
  expect(skin[2] * 1.5).toBeGreaterThan(0.4);
  // gap/2 · (40 ÷ (40 + 95))² is 35 µm of 400: below it lies what lay there.
  expect((x - strip.before(x, y, 0.85)![0]) * site.cellMm).toBeLessThan(95);
});

test('under a long stroke a thinner gap leaves less and pushes more', () => {
  const film = filmOf(1.5);
  const left = (gapMm: number) => wipe(film, site, { ...STROKE, gapMm })!.after(...at(90))!;
  expect(left(0.4)).toBeLessThan(left(0.8));
});

test('a blade wider than the face, and over its edge, leaves numbers and no paint beyond it', () => {
  const small = layGrid(scene([], { widthMm: 40, heightMm: 40 }), 24);
  const film = Float32Array.from(small.inside, (inside) => (inside ? 2e-3 : 0));
  const strip = wipe(film, small, { ...STROKE, fromMm: [20, 20], toMm: [170, 20], widthMm: 100 })!;
  for (let x = 0; x < small.grid.nx; x += 0.7)
    for (let y = 0; y < small.grid.ny; y += 0.7)
      for (const n of [strip.after(x, y) ?? 0, ...(strip.before(x, y, 0.7) ?? [])])
        expect(Number.isFinite(n)).toBe(true);
});

const RIDES = { ...STROKE, rides: true } as const;

test('a tool that rides takes up half of what it is set down on and leaves a skin of it on all it goes over', () => {
  const film = filmOf(0.3);
  const strip = wipe(film, site, RIDES)!;
  const [x, y] = at(125);
  // Film of less than half the gap stays, and a skin of what it first touched lies on it.
  expect(strip.after(x, y)!).toBeGreaterThan(0.3e-3);
  const [from] = strip.before(x, y, 0.999)!;
  expect((from - cells(30, 0)) * site.cellMm).toBeLessThan(45);
  // Right at the ground nothing went along.
  expect(Math.abs(strip.before(x, y, 0.01)![0] - x) * site.cellMm).toBeLessThan(1);
  // Where it was set down half is gone; the rest of that lies at its end.
  expect(strip.after(...at(45))!).toBeLessThan(0.26e-3);
  expect(strip.after(...at(147))!).toBeGreaterThan(strip.after(x, y)!);
});

test('the skin it leaves is thinner the farther it goes', () => {
  const strip = wipe(filmOf(0.3), site, RIDES)!;
  const skinAt = (mm: number) => strip.after(...at(mm))! - 0.3e-3;
  expect(skinAt(80)).toBeGreaterThan(1.2 * skinAt(125));
});

/** Of a film in three bands, how often each part of it lies somewhere afterwards: by 12 mm along the way and 0.3 mm of height, as a share of what was there. */
function foundAgain(rides: boolean) {
  const bands = (x: number) =>
    0.3 + [60, 100, 140].reduce((sum, c) => sum + 2.5 * Math.exp(-(((x - c) / 9) ** 2)), 0);
  const film = Float32Array.from(site.inside, (inside, i) =>
    inside ? bands(((i % site.grid.nx) + 0.5) * site.cellMm - site.originMm[0]) / 1000 : 0,
  );
  const strip = wipe(film, site, { ...STROKE, toMm: [170, 100], ...(rides && { rides }) })!;
  const [across, up, levels] = [17, 4, 60];
  const [was, is] = [new Float64Array(across * up), new Float64Array(across * up)];
  const put = (into: Float64Array, x: number, z: number, heightM: number, m: number) => {
    const along = Math.floor((x * site.cellMm - site.originMm[0]) / 12);
    const high = Math.min(up - 1, Math.floor((z * heightM) / 0.3e-3));
    if (along >= 0 && along < across) into[along * up + high] = into[along * up + high]! + m;
  };
  for (let y = 70; y < 130; y += 0.7)
    for (let x = 0.3; x < 200; x += 0.5) {
      const [px, py] = at(x, y);
      const stood = fieldAt(film, site, px, py);
      const stands = strip.after(px, py) ?? stood;
      for (let n = 0; n < levels; n++) {
        // Levels that differ from place to place: a fixed set would meet a pile at a few of them only.
        const z = (n + ((7.3 * x + 3.1 * y) % 1)) / levels;
        put(was, px, z, stood, stood);
        const [fx, fy, fz] = strip.before(px, py, z) ?? [px, py, z];
        put(is, fx, fz, fieldAt(film, site, fx, fy), stands);
      }
    }
  const all = was.reduce((sum, m) => sum + m, 0);
  return Array.from(was, (m, i) => ({ share: m / all, again: is[i]! / m })).filter(
    ({ share }) => share > 0.004,
  );
}

test.each([
  ['led at a height', false],
  ['riding', true],
])('each part of a film lies somewhere afterwards, and once: a blade %s', (_, rides) => {
  const parts = foundAgain(rides);
  expect(parts.length).toBeGreaterThan(30);
  for (const { again } of parts) expect(Math.abs(again - 1)).toBeLessThan(0.12);
  const off = parts.reduce((sum, { share, again }) => sum + share * Math.abs(again - 1), 0);
  expect(off).toBeLessThan(0.03);
});

const BLADE: Blade = { kind: 'blade', ...STROKE };
const REST: Act = { kind: 'rest', s: 4 };

test.each([
  ['led at a height', BLADE],
  ['riding by its own weight', { ...BLADE, rides: true }],
] as const)(
  'none of the paint is lost or made, and each mix is found, to a few hundredths: %s',
  (_, blade) => {
    const acts: Act[] = [BASE, flipped([100, 100], 60, 3), blade, REST];
    const { pour, kernel } = poured(scene(acts), 64);
    const off = pour.spiltMl.reduce((a, b) => a + b, 0);
    expect((volumeM3(kernel.film) * 1e6 + off) / pour.laidMl).toBeCloseTo(1, 7);
    const { mixes } = endOf(accountOf(pour, kernel));
    for (const [mix, ml] of [
      ['base', 40],
      ['a', 20],
      ['b', 20],
      ['c', 20],
    ] as const) {
      const { faceMl, edgesMl, runOffMl } = mixes[mix]!;
      expect(Math.abs((faceMl + edgesMl + runOffMl) / ml - 1)).toBeLessThan(0.06);
    }
  },
);
