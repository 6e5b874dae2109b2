import { circulateBack, circulationOf } from './circulation';
import { tilted } from './grid';
import { plainKernel } from './kernel';

const NU = 9e-4;

/** A film in a closed trough, dragged along it by a shear for so long that it stands still on the whole; and how its places went in one frame more. */
function trough(shear: number, seconds: number) {
  const [nx, ny] = [100, 4];
  const kernel = plainKernel({ nx, ny, dx: 1e-3 }, 5);
  const { film, samples } = kernel;
  for (let y = 1; y < ny - 1; y++) film.h.fill(2e-3, y * nx + 1, (y + 1) * nx - 1);
  film.shearX.fill(shear);
  const drive = { ...tilted(NU), fields: true, sheared: true };
  for (let t = 0; t < 400; t += 10) kernel.step(drive, 10, true);
  kernel.beginFrame();
  for (let n = 0; n < 20; n++) kernel.step(drive, seconds / 20, n % 2 === 0);
  const motion = kernel.endFrame(drive);
  const round = circulationOf(film, film.h, drive, seconds)!;
  return {
    h: film.h[nx + 50]!,
    /** How far each level went, m, and where it was. */
    went: (levels: readonly number[]) => {
      levels.forEach((z, k) => {
        [samples.x[k], samples.y[k], samples.z[k]] = [50.5, 2, z];
      });
      kernel.trace(motion, levels.length);
      circulateBack(round, kernel.samples, levels.length);
      return levels.map((_, k) => ({ m: (50.5 - samples.x[k]!) * 1e-3, z: samples.z[k]! }));
    },
  };
}

// A closed basin under a steady wind, any text on lubrication (from memory): u = τ/μ · h(¾ζ² − ½ζ), no flux on the whole, τh/4μ at the surface,
// nothing at two thirds of the height, −τh/12μ at one third.
test('in a closed trough the surface is dragged on and the film below runs back, as they must', () => {
  const [shear, seconds] = [1e-7, 2000];
  const { h, went } = trough(shear, seconds);
  const unit = (shear * h * seconds) / NU;
  const [surface, still, deepest, ground] = went([1, 2 / 3, 1 / 3, 0]);
  expect(surface!.m / unit).toBeCloseTo(1 / 4, 2);
  expect(Math.abs(still!.m / unit)).toBeLessThan(0.004);
  expect(deepest!.m / unit).toBeCloseTo(-1 / 12, 2);
  expect(ground).toEqual({ m: 0, z: 0 });
  // There is no up and down in the middle of it.
  for (const [z, { z: was }] of [1, 2 / 3, 1 / 3].map(
    (z, k) => [z, went([1, 2 / 3, 1 / 3])[k]!] as const,
  ))
    expect(was).toBeCloseTo(z, 2);
});

test('what is not dragged does not go round', () => {
  const kernel = plainKernel({ nx: 20, ny: 20, dx: 1e-3 }, 1);
  kernel.film.h.fill(1e-3);
  expect(circulationOf(kernel.film, kernel.film.h, tilted(NU), 1)).toBeUndefined();
  kernel.film.shearX[210] = 1e-3;
  const round = circulationOf(kernel.film, kernel.film.h, tilted(NU), 1)!;
  [kernel.samples.x[0], kernel.samples.y[0], kernel.samples.z[0]] = [2.5, 2.5, 1];
  circulateBack(round, kernel.samples, 1);
  expect([kernel.samples.x[0], kernel.samples.y[0], kernel.samples.z[0]]).toEqual([2.5, 2.5, 1]);
});

test('what goes round comes apart nowhere: levels rise where it runs together below, and none leaves the film', () => {
  const kernel = plainKernel({ nx: 60, ny: 20, dx: 1e-3 }, 200);
  kernel.film.h.fill(1.5e-3);
  for (let i = 0; i < kernel.film.h.length; i++) {
    const [x, y] = [(i % 60) - 30, Math.floor(i / 60) - 10];
    kernel.film.shearX[i] = 4e-3 * Math.exp(-(x * x + y * y) / 50);
  }
  const round = circulationOf(kernel.film, kernel.film.h, tilted(NU), 0.3)!;
  for (let k = 0; k < 200; k++)
    [kernel.samples.x[k], kernel.samples.y[k], kernel.samples.z[k]] = [
      10 + (k % 40),
      10,
      Math.floor(k / 40) / 5 + 0.1,
    ];
  const was = Float64Array.from(kernel.samples.z);
  circulateBack(round, kernel.samples, 200);
  let moved = 0;
  for (let k = 0; k < 200; k++) {
    const z = kernel.samples.z[k]!;
    expect(z).toBeGreaterThanOrEqual(0);
    expect(z).toBeLessThanOrEqual(1);
    moved = Math.max(moved, Math.abs(z - was[k]!));
    // Columns keep their order.
    if (k >= 40) expect(z).toBeGreaterThan(kernel.samples.z[k - 40]!);
  }
  expect(moved).toBeGreaterThan(0.005);
});

test('what goes round keeps volumes where air hollows the film out meanwhile: what sinks weighs as much as what rises', () => {
  const [nx, ny] = [60, 20];
  const levels = 40;
  const count = nx * ny * levels;
  const { film, samples } = plainKernel({ nx, ny, dx: 1e-3 }, count);
  const before = new Float64Array(nx * ny).fill(1.5e-3);
  for (let i = 0; i < nx * ny; i++) {
    const [x, y] = [(i % nx) - 30, Math.floor(i / nx) - 10];
    film.shearX[i] = 8e-3 * Math.exp(-(x * x + y * y) / 50);
    film.h[i] = 1.5e-3 - 1e-3 * Math.exp(-((x + 4) ** 2 + y * y) / 50);
  }
  const round = circulationOf(film, before, tilted(NU), 0.3)!;
  const level = (k: number): number => ((k % levels) + 0.5) / levels;
  for (let k = 0; k < count; k++) {
    const i = Math.floor(k / levels);
    [samples.x[k], samples.y[k], samples.z[k]] = [
      (i % nx) + 0.5,
      Math.floor(i / nx) + 0.5,
      level(k),
    ];
  }
  circulateBack(round, samples, count);
  // The film was even: each place stands for as much paint.
  let [rose, moved] = [0, 0];
  for (let k = 0; k < count; k++) {
    rose += samples.z[k]! - level(k);
    moved += Math.abs(samples.z[k]! - level(k));
  }
  expect(moved).toBeGreaterThan(1);
  expect(Math.abs(rose / moved)).toBeLessThan(1e-3);
});
