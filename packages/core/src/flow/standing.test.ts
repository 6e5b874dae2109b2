import { bareFilm, DRY_M, type Film, volumeM3 } from './film';
import { type Drive, GRAVITY, tilted } from './grid';
import type { Layers, Stands } from './layers';
import { tellStanding, yieldOf } from './standing';
import { stepFilm } from './sweep';

const NU = 8e-3;
const STANDS: Stands = { fromNu: 5e-3, perS: 0.05 };
const YIELD = yieldOf(NU, STANDS);
const layers = { lowerNu: 1e3, arrivingNu: NU, stands: STANDS } satisfies Layers;

/** One row of a film, as thick all over as it is said. */
function row(n: number, heightM: number): Film {
  const film = bareFilm({ nx: n, ny: 3, dx: 1e-3 });
  film.h.fill(heightM, n, 2 * n);
  film.lnNu.fill(Math.log(NU));
  return film;
}

// Bingham's law over an inclined plane: q = G h³/3ν · (1 − 1.5 r + 0.5 r³), surface ÷ mean 1.5/(1 + r/2), r = yield ÷ stress at the ground
// (Liu & Mei 1989, from memory).
test.each([2, 4, 8, 16])(
  'on a slope of %d° a film that stands runs and slides as Bingham’s does',
  (angle) => {
    const film = row(400, 1.5e-3);
    const drive: Drive = { ...tilted(NU, angle, 0), layers };
    tellStanding(film, drive, layers, STANDS);
    const excess = film.excess[400 + 200]!;
    stepFilm(film, drive, 0.01, true);
    const r = YIELD / (drive.gx * 1.5e-3);
    const even = (drive.gx * 1.5e-3 ** 3) / (3 * NU);
    expect(r).toBeLessThan(1);
    expect(film.fluxX[400 + 200]! / 0.01 / even / (1 - 1.5 * r + 0.5 * r ** 3)).toBeCloseTo(1, 3);
    expect(1.5 + excess).toBeCloseTo(1.5 / (1 + r / 2), 6);
  },
);

test('less than its yield does not move it, and a thin paint has none', () => {
  const after = (nu: number, angle: number) => {
    const film = row(60, 1.5e-3);
    film.lnNu.fill(Math.log(nu));
    for (let step = 0; step < 50; step++)
      stepFilm(film, { ...tilted(nu, angle, 0), layers }, 10, step % 2 === 0);
    return Math.max(...film.h.slice(60 + 5, 60 + 55).map((h) => Math.abs(h - 1.5e-3)));
  };
  const holdsDeg = (180 / Math.PI) * Math.asin(YIELD / (GRAVITY * 1.5e-3));
  expect(after(NU, 0.9 * holdsDeg)).toBeLessThan(1e-6);
  expect(after(NU, 1.6 * holdsDeg)).toBeGreaterThan(1e-4);
  expect(after(STANDS.fromNu, 0.9 * holdsDeg)).toBeGreaterThan(1e-4);
});

// A heap that has run out keeps the slope its yield holds, ρ g h dh/dx = τ: h² = h0² − 2 y x/g (Nye 1952; Liu & Mei 1989, from memory).
test('a heap runs out as far as its yield lets it', () => {
  const film = row(240, 0);
  for (let x = 100; x < 140; x++) film.h[240 + x] = 4e-3;
  film.lnNu.fill(Math.log(NU));
  const volume = volumeM3(film);
  // It comes to rest ever more slowly: steps grow with it.
  for (let step = 0; step < 12000; step++)
    stepFilm(film, { ...tilted(NU), layers }, 0.05 * 1.0005 ** step, step % 2 === 0);
  expect(volumeM3(film) / volume).toBeCloseTo(1, 9);
  // Area of the cross-section 4/3 · h0 · L, h0² = 2 y L/g.
  const area = 40e-3 * 4e-3;
  const topM = ((area * 3 * 2 * YIELD) / (4 * GRAVITY)) ** (1 / 3);
  const reachM = (GRAVITY * topM ** 2) / (2 * YIELD);
  const wet = [...film.h.slice(240, 480)].filter((h) => h > DRY_M).length;
  expect(Math.max(...film.h) / topM).toBeCloseTo(1, 2);
  expect(Math.abs(wet / 2e3 / reachM - 1)).toBeLessThan(0.03);
});

test('fresh paint runs over a base that stands, and leaves it where it is', () => {
  const film = row(200, 1.5e-3);
  film.lower.fill(0.75e-3, 200, 400);
  film.lnNu.fill(Math.log(1e-3));
  const set: Layers = { ...layers, lowerNu: 4e-2 };
  const drive: Drive = { ...tilted(1e-3, 3, 0), layers: set };
  for (let step = 0; step < 20; step++) stepFilm(film, drive, 0.1, step % 2 === 0);
  // Its own half alone, on what does not give: G h2³/3ν.
  const over = (drive.gx * 0.75e-3 ** 3) / (3 * 1e-3);
  expect(film.fluxX[200 + 100]! / 2 / over).toBeCloseTo(1, 1.5);
  expect(Math.abs(film.lower[200 + 100]! - 0.75e-3)).toBeLessThan(5e-6);
});
