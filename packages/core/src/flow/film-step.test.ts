import fc from 'fast-check';
import { stepBuffers, stepFilm } from './film-step';
import { type Drive, GRAVITY, type Grid, tilted } from './grid';

const NU = 9e-4;
const volume = (h: Float64Array, { dx }: Grid) => h.reduce((sum, v) => sum + v, 0) * dx * dx;

/** Runs in steps bounded so that the surface moves at most about a cell. */
function run(
  h: Float64Array,
  grid: Grid,
  drive: Drive,
  seconds: number,
  dtAt: (t: number) => number,
  from = 0,
): void {
  const buffers = stepBuffers(grid);
  let xFirst = true;
  for (let t = from; t < seconds - 1e-9;) {
    const dt = Math.min(dtAt(t), seconds - t);
    stepFilm(h, grid, drive, dt, xFirst, buffers);
    xFirst = !xFirst;
    t += dt;
  }
}

// Huppert 1982, constant volume: R = 0.894 (g V³ / 3ν)^(1/8) t^(1/8), from memory.
const huppertRadius = (v: number, t: number) =>
  0.894 * ((GRAVITY * v ** 3) / (3 * NU)) ** (1 / 8) * t ** (1 / 8);

/** Huppert's similarity profile h = h0 (1 − r²/R²)^(1/3), scaled to its volume. */
function similarity(grid: Grid, v: number, t: number): Float64Array {
  const R = huppertRadius(v, t);
  const centre = (grid.nx * grid.dx) / 2;
  // ∫ (1 − r²/R²)^(1/3) dA = π R² · 3/4.
  const h0 = v / (Math.PI * R * R * 0.75);
  const h = Float64Array.from({ length: grid.nx * grid.ny }, (_, i) => {
    const [x, y] = [
      ((i % grid.nx) + 0.5) * grid.dx - centre,
      (Math.floor(i / grid.nx) + 0.5) * grid.dx - centre,
    ];
    return h0 * Math.cbrt(Math.max(0, 1 - (x * x + y * y) / (R * R)));
  });
  const scale = v / volume(h, grid);
  return h.map((value) => value * scale);
}

/** Radius of a disc with the profile's volume within it: from the second moment, which no single front cell decides. */
function radiusOf(h: Float64Array, grid: Grid): number {
  const centre = (grid.nx * grid.dx) / 2;
  let moment = 0;
  let whole = 0;
  h.forEach((value, i) => {
    const [x, y] = [
      ((i % grid.nx) + 0.5) * grid.dx - centre,
      (Math.floor(i / grid.nx) + 0.5) * grid.dx - centre,
    ];
    moment += value * (x * x + y * y);
    whole += value;
  });
  // For (1 − r²/R²)^(1/3) the mean of r² is 3/7 R².
  return Math.sqrt((moment / whole) * (7 / 3));
}

test('a heap of 50 mL spreads as Huppert’s similarity solution, within 1 % at 128²', () => {
  const n = 128;
  const grid: Grid = { nx: n, ny: n, dx: 0.24 / n };
  const v = 5e-5;
  const h = similarity(grid, v, 2);
  run(h, grid, tilted(NU), 60, (t) => 0.01 * Math.max(2, t), 2);
  expect(Math.abs(radiusOf(h, grid) / huppertRadius(v, 60) - 1)).toBeLessThan(0.01);
  expect(Math.abs(volume(h, grid) / v - 1)).toBeLessThan(1e-12);
});

// Emslie, Bonner and Peck 1958: h = h0 / √(1 + 4 ω² h0² t / 3ν), from memory.
test('a spun film thins as Emslie, Bonner and Peck say, within 0.1 %', () => {
  const n = 64;
  const grid: Grid = { nx: n, ny: n, dx: 0.2 / n };
  const omega = 2 * 2 * Math.PI;
  const h = new Float64Array(n * n).fill(2e-3);
  run(h, grid, { ...tilted(NU), gz: 0, spin: { omega, xM: 0.1, yM: 0.1 } }, 10, () => 0.04);
  const expected = 2e-3 / Math.sqrt(1 + (4 * omega ** 2 * 2e-3 ** 2 * 10) / (3 * NU));
  expect(Math.abs(h[(n / 2) * n + n / 2]! / expected - 1)).toBeLessThan(1e-3);
});

// Nusselt 1916: q = g sin a h³ / 3ν of a uniform film on an incline, read off the drain of the first cell.
test('a uniform film runs down an incline with Nusselt’s flux', () => {
  const grid: Grid = { nx: 400, ny: 1, dx: 1e-3 };
  const drive = tilted(NU, 10, 0);
  const h = new Float64Array(400).fill(1.5e-3);
  const below = () => h.subarray(200).reduce((sum, v) => sum + v, 0) * grid.dx;
  const before = below();
  run(h, grid, drive, 0.2, () => 0.01);
  const q = (below() - before) / 0.2;
  const nusselt = (drive.gx * 1.5e-3 ** 3) / (3 * NU);
  expect(Math.abs(q / nusselt - 1)).toBeLessThan(1e-5);
});

const heap = fc.array(fc.double({ min: 0, max: 4e-3, noNaN: true }), {
  minLength: 144,
  maxLength: 144,
});
const drives = fc.record({
  angle: fc.double({ min: 0, max: 20, noNaN: true }),
  toward: fc.double({ min: -180, max: 180, noNaN: true }),
  dt: fc.double({ min: 1e-3, max: 5, noNaN: true }),
});
const small: Grid = { nx: 12, ny: 12, dx: 2e-3 };

test('no step loses paint or makes it negative, however long it is', () => {
  fc.assert(
    fc.property(heap, drives, (cells, { angle, toward, dt }) => {
      const h = Float64Array.from(cells);
      const before = volume(h, small);
      stepFilm(h, small, tilted(NU, angle, toward), dt, true, stepBuffers(small));
      expect(Math.abs(volume(h, small) - before)).toBeLessThanOrEqual(
        1e-12 * Math.max(before, 1e-9),
      );
      for (const value of h) expect(value).toBeGreaterThanOrEqual(0);
    }),
  );
});

test('a mirrored film moves as its mirror image', () => {
  fc.assert(
    fc.property(heap, drives, (cells, { angle, dt }) => {
      const mirrored = (h: Float64Array) =>
        Float64Array.from(h, (_, i) => h[Math.floor(i / 12) * 12 + (11 - (i % 12))]!);
      const a = Float64Array.from(cells);
      const b = mirrored(a);
      stepFilm(a, small, tilted(NU, angle, 0), dt, true, stepBuffers(small));
      stepFilm(b, small, tilted(NU, angle, 180), dt, true, stepBuffers(small));
      mirrored(b).forEach((value, i) => expect(value).toBeCloseTo(a[i]!, 12));
    }),
  );
});
