import { filmSpectrum } from '../optics/film';
import { paintOptics } from '../optics/reserve';
import { hexToSpectrum, spectrumToHex } from '../optics/spectrum';
import type { Paint } from '../paint/schema';
import { colourPlate } from './colour';
import type { Ink, Palette } from './films';
import { seenShares } from './seen-shares';
import { begin, BOTTOM, emptyColumns, goOn, runsOf } from './columns';
import { contoursOf } from './contours';
import { develop, type Plate } from './develop';
import { filmMap } from './film-map';
import { maskOf } from './mask';
import { settledOf } from './outcome';
import { birthsKey } from './births-key';
import { BASE, endOf, flipped, poured, scene } from './scene.test-data';
import { coreAt } from './spot';
import { mixesOf } from './strata';

const inkOf = (hex: string, opacity: Paint['opacity'], thinned = 3): Ink => {
  const paint: Paint = {
    id: 'p',
    name: 'p',
    hex,
    opacity,
    body: 'soft',
    finish: 'satin',
    densityGPerMl: 1.1,
  };
  const { q, s } = paintOptics(paint);
  return { q, s: s / thinned };
};
const coloured = (...of: Parameters<typeof colourPlate>) => endOf(colourPlate(...of));
const WHITE = hexToSpectrum('#f4f4f1');
const INKS = {
  a: inkOf('#d8a526', 'semi-opaque'),
  b: inkOf('#4a2045', 'transparent'),
  c: inkOf('#3b444c', 'opaque'),
};

/** A plate of one pixel with these strata from the surface down, each beginning so deep. */
const pixel = (strata: readonly number[], filmUm: number, from = [0, 10 / 255, 0.5]): Plate => ({
  width: 1,
  height: 1,
  pxPerMm: 1,
  columns: strata.reduce((columns, stratum, n) => {
    if (n === 0) begin(columns, 0, stratum);
    else goOn(columns, 0, stratum, from[n]!);
    return columns;
  }, emptyColumns(1)),
  filmUm: Float32Array.of(filmUm),
  cover: Uint8Array.of(255),
  on: Uint8Array.of(255),
});
const bytesOf = (hex: string) => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));
const MIXES = ['a', 'b', 'c'];
const palette: Palette = { inks: INKS, ground: WHITE };

// The closed form of Kubelka 1948, checked on its own in optics.
test.each([
  [[0], 800],
  [[1], 1500],
  [[2], 120],
])('a film of one mix is the Kubelka-Munk film: strata %j, %d µm', (strata, um) => {
  const ink = INKS[MIXES[strata[0]!] as 'a'];
  const expected = bytesOf(
    spectrumToHex(filmSpectrum({ q: Float64Array.from(ink.q), s: ink.s }, um, WHITE)),
  );
  const got = coloured(pixel(strata, um), MIXES, palette);
  // Heights are told apart in steps of a twelfth of e.
  expected.forEach((byte, c) => expect(Math.abs(got[c]! - byte)).toBeLessThanOrEqual(4));
  expect(got[3]).toBe(255);
});

test('a stack is one film on the other', () => {
  const um = 900;
  // A little damson over quince.
  const top = (10 / 255) * um;
  const under = filmSpectrum({ q: Float64Array.from(INKS.a.q), s: INKS.a.s }, um - top, WHITE);
  const expected = bytesOf(
    spectrumToHex(filmSpectrum({ q: Float64Array.from(INKS.b.q), s: INKS.b.s }, top, under)),
  );
  const got = coloured(pixel([1, 0], um), MIXES, palette);
  expected.forEach((byte, c) => expect(Math.abs(got[c]! - byte)).toBeLessThanOrEqual(5));
});

test('what is seen is shared between films and the ground under thin paint', () => {
  const seen = (strata: number[], um: number) =>
    seenShares([{ plate: pixel(strata, um), mixOf: MIXES }], palette);
  expect(seen([2], 1000)['c']).toBeCloseTo(1, 2);
  expect(seen([1], 100)['b']).toBeLessThan(0.6);
  const both = seen([1, 0], 900);
  expect(both['a']! + both['b']!).toBeLessThanOrEqual(1 + 1e-6);
  expect(both['a']).toBeGreaterThan(both['b']!);
});

test('of two pours on one another what is below is seen only through what lies on it, and where that is bare', () => {
  const below = { plate: pixel([0], 900), mixOf: MIXES };
  const hides = { plate: pixel([2], 1000), mixOf: MIXES };
  const glaze = { plate: pixel([1], 100), mixOf: MIXES };
  const bare = { plate: { ...pixel([2], 1000), cover: Uint8Array.of(0) }, mixOf: MIXES };
  const alone = seenShares([below], palette)['a']!;
  expect(seenShares([below, hides], palette)['a']).toBeLessThan(0.02 * alone);
  const glazed = seenShares([below, glaze], palette);
  expect(glazed['a']! / (alone * (1 - glazed['b']!))).toBeCloseTo(1, 6);
  expect(seenShares([below, bare], palette)['a']).toBe(alone);
});

test('a mask has the area of its rings, holes taken out', () => {
  const ring = (r: number) =>
    Array.from({ length: 720 }, (_, i) => {
      const a = (Math.floor(i / 2) * Math.PI) / 180;
      return 50 + r * (i % 2 === 0 ? Math.cos(a) : Math.sin(a));
    });
  const area = (rings: number[][]) =>
    maskOf(rings, 200, 200, 2, 2).reduce((sum, v) => sum + v, 0) / 255 / 4;
  expect(area([ring(40)]) / (Math.PI * 1600)).toBeCloseTo(1, 2);
  expect(area([ring(40), ring(20)]) / (Math.PI * 1200)).toBeCloseTo(1, 2);
});

const FLIP = scene([BASE, flipped([100, 100], 25, 4), { kind: 'rest', s: 30 }]);

test('a developed picture: every wet pixel has its strata, colour and film', () => {
  const { pour, kernel } = poured(FLIP);
  const plate = endOf(develop(pour, kernel, 60));
  expect([plate.width, plate.height]).toEqual([60, 60]);
  const mix = mixesOf(FLIP);
  expect(mix).toEqual(['base', 'a', 'b', 'c', 'd']);
  plate.cover.forEach((cover, i) => {
    if (cover === 255) expect(plate.columns.count[i]).toBeGreaterThan(0);
  });
  // The last in first out of four equal layers: d touches the surface first and lies outermost, a in the middle.
  const at = (x: number) => mix[runsOf(plate.columns, 30 * 60 + x).strata[0]!];
  expect([at(30), at(2)]).toEqual(['a', 'base']);
  const inks = { a: INKS.a, b: INKS.b, c: INKS.c, d: INKS.a, base: INKS.c };
  const rgba = coloured(plate, mix, { inks, ground: WHITE });
  expect(rgba.filter((_, i) => i % 4 === 3).every((a) => a === 255)).toBe(true);
  const outcome = settledOf(pour);
  expect(outcome.coveredShare).toBe(1);
  expect(outcome.bareMm).toEqual([]);
  expect(outcome.film.thinnestMm).toBeLessThan(outcome.film.meanMm);
  expect(outcome.film.thickestMm).toBeGreaterThan(outcome.film.meanMm);
  const grey = filmMap(plate);
  // Thicker in the middle, so darker.
  expect(grey[4 * (30 * 60 + 30)]).toBeLessThan(grey[4 * (30 * 60 + 3)]!);
});

// The surface is known to a pixel, what lies below it to eight: a heap's paint must not show through the base it borders on as stairs.
test('where paint borders on the base, the base has none of it under a skin', () => {
  const heap = scene([BASE, flipped([100, 100], 40, 1), { kind: 'rest', s: 60 }]);
  const { pour, kernel } = poured(heap);
  const { columns, width, height } = endOf(develop(pour, kernel, 300));
  const [base] = mixesOf(heap).map((_, k) => k);
  const surfaceOf = (i: number) => runsOf(columns, i).strata[0];
  let borders = 0;
  let skins = 0;
  for (let i = width; i < width * (height - 1); i++) {
    if (surfaceOf(i) !== base) continue;
    const other = [i - 1, i + 1, i - width, i + width];
    if (other.some((j) => surfaceOf(j) !== base)) borders++;
    if (columns.count[i]! > 1 && runsOf(columns, i).ends[0]! < 0.02 * BOTTOM) skins++;
  }
  expect(borders).toBeGreaterThan(300);
  expect(skins).toBeLessThan(0.02 * borders);
});

test('bare corners are told, with what is covered', () => {
  const small = scene([flipped([100, 100], 20), { kind: 'rest', s: 60 }]);
  const { pour } = poured(small);
  const outcome = settledOf(pour);
  expect(outcome.bareMm).toHaveLength(4);
  expect(outcome.coveredShare).toBeLessThan(0.6);
});

test.each([1, 2, 9, 17, 33])(
  'at %d px no wet pixel is left without a column, to its ground',
  (px) => {
    const { pour, kernel } = poured(FLIP, 32);
    const { columns, cover, on } = endOf(develop(pour, kernel, px));
    expect(cover).toHaveLength(px * px);
    cover.forEach((covered, i) => {
      const runs = columns.count[i]!;
      if (!covered || !on[i]) return;
      expect(runs).toBeGreaterThan(0);
      const { ends } = runsOf(columns, i);
      expect([...ends]).toEqual([...ends].sort((a, b) => a - b));
      expect(ends.at(-1)).toBe(BOTTOM);
    });
  },
);

test('a core holds the film of its spot, bare ground none', () => {
  const { pour, kernel } = poured(FLIP);
  const drill = (x: number, y: number) => {
    return endOf(coreAt(pour, kernel, x, y, mixesOf(FLIP)));
  };
  const layers = drill(100, 100);
  const um = layers.reduce((sum, l) => sum + l.um, 0);
  const middle = pour.h[Math.floor(pour.h.length / 2 + pour.site.grid.nx / 2)]! * 1e6;
  expect(um / middle).toBeCloseTo(1, 1);
  expect(layers[0]!.mix).toBe('a');
  expect(drill(6, 6).map((l) => l.mix)).toEqual(['base']);
});

test('births are the same where only mixes differ, others where an amount or a move does', () => {
  const key = birthsKey(FLIP);
  const [base, flip, rest] = FLIP.acts as [
    typeof BASE,
    ReturnType<typeof flipped>,
    (typeof FLIP.acts)[number],
  ];
  const renamed = scene([base, { ...flip, strata: [...flip.strata].reverse() }, rest]);
  expect(birthsKey(renamed)).toBe(key);
  expect(birthsKey(scene([base, { ...flip, s: 9 }, rest]))).not.toBe(key);
  expect(birthsKey(scene([base, flip]))).not.toBe(key);
  expect(birthsKey({ ...FLIP, seed: 8 })).not.toBe(key);
});

test('contours lie where the film has their height, inside the paint, and close round a heap', () => {
  const n = 120;
  const plate: Plate = {
    width: n,
    height: n,
    pxPerMm: 1,
    columns: emptyColumns(n * n),
    // A cone 3.3 mm high, 0.05 mm thinner with each pixel from the middle.
    filmUm: Float32Array.from({ length: n * n }, (_, i) =>
      Math.max(0, 3300 - 50 * Math.hypot((i % n) + 0.5 - 60, Math.floor(i / n) + 0.5 - 60)),
    ),
    cover: new Uint8Array(n * n).fill(255),
    on: new Uint8Array(n * n).fill(255),
  };
  const found = new Map(contoursOf(plate).map(({ um, lines }) => [um, lines]));
  for (const um of [1500, 2000, 3000]) {
    const lines = found.get(um)!;
    expect(lines).toHaveLength(1);
    for (let k = 0; k < lines[0]!.length; k += 2) {
      const r = Math.hypot(n * lines[0]![k]! - 60, n * lines[0]![k + 1]! - 60);
      expect(Math.abs(r - (3300 - um) / 50)).toBeLessThan(0.7);
    }
  }
  expect(found.get(5000)).toEqual([]);
  // 58 px from the middle it is still 0.4 mm: the line of 0.25 mm runs off the sides and is there in the corners only.
  for (const line of found.get(250)!) expect(Math.min(...line)).toBeGreaterThan(0);
});
