import { type FilmKernel, type MakeKernel, plainKernel, tilted, volumeM3 } from '@potter/core/flow';
import fc from 'fast-check';
import { loadKernel } from './index';

let make: MakeKernel;
beforeAll(async () => {
  make = await loadKernel();
});

const GRID = { nx: 24, ny: 16, dx: 2e-3 };

/** A kernel and its twin with the same film on them: wet and dry cells, dry ground that holds, an edge that spills. */
function pair(heights: readonly number[]): [FilmKernel, FilmKernel] {
  const both: [FilmKernel, FilmKernel] = [make(GRID, 64), plainKernel(GRID, 64)];
  for (const { film } of both)
    heights.forEach((h, i) => {
      if (film.ground[i]! < 0) film.ground[i] = i % 3 === 0 ? -1e3 : -1.2e-3;
      else {
        film.ground[i] = i % 5 === 0 ? 0 : 9e-4;
        film.h[i] = h;
      }
    });
  return both;
}

const heights = fc.array(
  fc.oneof(fc.constant(0), fc.double({ min: 3e-5, max: 4e-3, noNaN: true })),
  { minLength: 384, maxLength: 384 },
);
const drive = fc
  .record({
    nu: fc.double({ min: 2e-4, max: 4e-3, noNaN: true }),
    angle: fc.double({ min: 0, max: 30, noNaN: true }),
    toward: fc.double({ min: -180, max: 180, noNaN: true }),
    spin: fc.option(fc.double({ min: 0.5, max: 9, noNaN: true })),
  })
  .map(({ nu, angle, toward, spin }) => ({
    ...tilted(nu, angle, toward),
    ...(spin === null ? {} : { spin: { omega: spin, xM: 0.02, yM: 0.017 } }),
  }));

test('a step of the kernel is the step of its twin, in heights and in fluxes', () => {
  fc.assert(
    fc.property(heights, drive, fc.boolean(), (cells, driven, xFirst) => {
      const [kernel, twin] = pair(cells);
      // Two steps of one frame: the second starts from heights the first rounded.
      for (const k of [kernel, twin]) {
        k.clearFlux();
        k.step(driven, 0.05, xFirst);
        k.step(driven, 0.05, !xFirst);
        k.showFlux();
      }
      for (let i = 0; i < 384; i++) {
        expect(Math.abs(kernel.film.h[i]! - twin.film.h[i]!)).toBeLessThan(3e-7);
        expect(Math.abs(kernel.film.fluxX[i]! - twin.film.fluxX[i]!)).toBeLessThan(3e-9);
        expect(Math.abs(kernel.film.fluxY[i]! - twin.film.fluxY[i]!)).toBeLessThan(3e-9);
      }
    }),
    { numRuns: 60 },
  );
});

test('a thousand steps keep the volume to 1e-5 in single precision', () => {
  const [kernel] = pair(Array.from({ length: 384 }, (_, i) => (i % 7) * 5e-4));
  const before = volumeM3(kernel.film);
  for (let i = 0; i < 1000; i++) kernel.step(tilted(9e-4, 9, 40 * i), 0.1, i % 2 === 0);
  expect(Math.abs(volumeM3(kernel.film) / before - 1)).toBeLessThan(1e-5);
});

test('a source fills cells alike', () => {
  const both = pair(new Array<number>(384).fill(1e-3));
  for (const k of both) {
    k.film.source.fill(1e-4, 100, 110);
    k.step(tilted(9e-4), 0.5, true);
  }
  both[0].film.h.forEach((h, i) => expect(h).toBeCloseTo(both[1].film.h[i]!, 6));
});

test('samples are traced as the twin traces them, off the grid too', () => {
  const unit = fc.double({ min: 0, max: 1, noNaN: true });
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: -3, max: 3, noNaN: true }), { minLength: 1536, maxLength: 1536 }),
      fc.array(fc.tuple(unit, unit, unit), { minLength: 64, maxLength: 64 }),
      (field, places) => {
        const both = [make(GRID, 64), plainKernel(GRID, 64)];
        for (const k of both) {
          field.forEach((v, i) => (k.field[i] = i % 4 === 2 ? v / 6 : v));
          places.forEach(([x, y, z], i) => {
            k.samples.x[i] = x * 26 - 1;
            k.samples.y[i] = y * 18 - 1;
            k.samples.z[i] = z;
          });
          k.trace(64);
        }
        const [kernel, twin] = both as [FilmKernel, FilmKernel];
        for (const axis of ['x', 'y', 'z'] as const)
          kernel.samples[axis].forEach((v, i) =>
            expect(Math.abs(v - twin.samples[axis][i]!)).toBeLessThan(2e-3),
          );
      },
    ),
    { numRuns: 30 },
  );
});

test('a grid that is not whole fours is refused', () =>
  expect(() => make({ nx: 18, ny: 16, dx: 1e-3 }, 4)).toThrow('whole fours'));
