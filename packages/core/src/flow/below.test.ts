import fc from 'fast-check';
import { between } from '../between.test-data';
import { layingBelow } from './below';
import { bareFilm } from './film';
import { fluxBelow } from './profile';
import { BASE, flipped, poured, scene } from './scene.test-data';

const [N, DX, H_M] = [24, 2e-3, 3e-3];
const ALL = { left: 1, top: 1, right: N - 2, bottom: N - 2 };
const MIDDLE = (N / 2) * N + N / 2;

/** A film of even height that flows apart evenly from its middle, and what lies below a level of it: how far it has sunk after so many frames. */
function spread(level: number, frames: number, apartEach: number) {
  const film = bareFilm({ nx: N, ny: N, dx: DX });
  film.h.fill(level * H_M);
  const below = layingBelow(film, ALL, () => undefined);
  film.h.fill(H_M);
  // Paint came on top at once and none flowed.
  below.carry();
  for (let frame = 0; frame < frames; frame++) {
    const h = film.h[MIDDLE]!;
    // Half of what leaves a cell leaves it along x.
    const each = (0.5 * apartEach * h * DX) / 1;
    for (let y = 0; y < N; y++)
      for (let x = 0; x < N; x++) {
        film.fluxX[y * N + x] = (x - N / 2) * each;
        film.fluxY[y * N + x] = (y - N / 2) * each;
      }
    film.h.fill(h * (1 - apartEach));
    below.carry();
  }
  return { below: below.m[MIDDLE]!, h: film.h[MIDDLE]! };
}

// Closed form: a level falls as dζ/dt = (ζ − F)·div Q/h (incompressibility, science-flow 4), F = ζ²(1.5 − ζ/2) of Nusselt's film; here by Runge and Kutta.
test.each([0.15, 0.4, 0.8])(
  'what lies below %f of a film that flows apart is left behind as a level falls',
  (level) => {
    const [frames, each] = [40, 0.02];
    const told = spread(level, frames, each);
    let zeta = level;
    const rate = (z: number) => z - fluxBelow(z, 0);
    const way = -Math.log(1 - each);
    for (let n = 0; n < frames; n++) {
      const k1 = rate(zeta);
      const k2 = rate(zeta + (k1 * way) / 2);
      const k3 = rate(zeta + (k2 * way) / 2);
      const k4 = rate(zeta + k3 * way);
      zeta += (way * (k1 + 2 * k2 + 2 * k3 + k4)) / 6;
    }
    expect(zeta).toBeGreaterThan(1.05 * level);
    expect(Math.abs(told.below / told.h / zeta - 1)).toBeLessThan(0.01);
  },
);

test('none of it is lost on the way, and it is never higher than the film', () => {
  fc.assert(
    fc.property(
      fc.array(between(-1, 1), { minLength: 2 * N * N, maxLength: 2 * N * N }),
      (flows) => {
        const film = bareFilm({ nx: N, ny: N, dx: DX });
        film.h.fill(H_M);
        const below = layingBelow(film, ALL, () => undefined);
        film.h.fill(2 * H_M);
        below.carry();
        // What goes out of the cells it is followed in is not followed: nothing crosses into the outermost.
        for (let y = 1; y < N - 1; y++)
          for (let x = 1; x < N - 1; x++) {
            const i = y * N + x;
            if (x > 1) film.fluxX[i] = 0.4 * DX * H_M * flows[2 * i]!;
            if (y > 1) film.fluxY[i] = 0.4 * DX * H_M * flows[2 * i + 1]!;
          }
        // High enough that it is nowhere held down by it.
        film.h.fill(6 * H_M);
        const inside = () =>
          below.m.reduce((sum, m, i) => {
            const [x, y] = [i % N, Math.floor(i / N)];
            return x > 0 && y > 0 && x < N - 1 && y < N - 1 ? sum + m : sum;
          }, 0);
        const before = inside();
        below.carry();
        expect(inside() / before).toBeCloseTo(1, 9);
        expect(Math.min(...below.m)).toBeGreaterThanOrEqual(0);
        expect(below.m.every((m, i) => m <= film.h[i]! + 1e-12)).toBe(true);
      },
    ),
    { numRuns: 20 },
  );
});

test('in a pour whose paints differ, what a stiffer film below keeps back is told by how thick it is', () => {
  // Under a cup slid over it: of a base three times as thick less is pushed aside than of one half as thick.
  const left = (base: number) => {
    const path: [number, number][] = [
      [70, 100],
      [130, 100],
    ];
    const cup = flipped([70, 100], 60, 4, { pathMm: path, s: 12, radiusMm: [{ at: 0, mm: 24 }] });
    const nuOf = { base: base * 1.1e-3, a: 1.1e-3, b: 1.1e-3, c: 1.1e-3, d: 1.1e-3 };
    const { pour } = poured(scene([BASE, cup], { nuOf }), 48);
    const discs = pour.steps.flatMap(({ met }) => met?.map(({ disc }) => disc.to.below) ?? []);
    const { field, across, down } = discs[Math.floor(discs.length / 2)]!;
    return field[Math.floor(down / 2) * across + Math.floor(across / 2)]!;
  };
  expect(left(3)).toBeGreaterThan(1.15 * left(0.5));
});
