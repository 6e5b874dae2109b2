import {
  addSpin,
  boxOf,
  type FilmKernel,
  type MakeKernel,
  type Motion,
  plainKernel,
  tilted,
  volumeM3,
  WHOLE,
} from '@potter/core/flow';
import fc from 'fast-check';
import { between } from '../../core/src/between.test-data';
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

const heights = fc.array(fc.oneof(fc.constant(0), between(3e-5, 4e-3)), {
  minLength: 384,
  maxLength: 384,
});
const drive = fc
  .record({
    nu: between(2e-4, 4e-3),
    angle: between(0, 30),
    toward: between(-180, 180),
  })
  .map(({ nu, angle, toward }) => tilted(nu, angle, toward));
/** A turn about a point off the middle and a push and a shear of each cell's own; none where absent. */
const forces = fc.option(
  fc.record({
    omega: between(0, 9),
    push: fc.array(between(-8, 8), { minLength: 97, maxLength: 97 }),
    shear: fc.array(between(-0.01, 0.01), {
      minLength: 89,
      maxLength: 89,
    }),
  }),
);

/** Two films: the lower one's share and the upper one's viscosity by cell, and what arrives; one film where absent. */
const films = fc.option(
  fc.record({
    shares: fc.array(between(0, 1), { minLength: 83, maxLength: 83 }),
    nus: fc.array(between(2e-4, 4e-3), {
      minLength: 79,
      maxLength: 79,
    }),
    lowerNu: between(2e-4, 4e-3),
    arrivingNu: between(2e-4, 4e-3),
    // Some of them so thick that they stand.
    stands: fc.option(fc.constant({ fromNu: 2e-3, perS: 0.1 }), { nil: undefined }),
  }),
);

/** Mean heights of a frame below which a motion treats a cell otherwise; see `DRY_M` and `THIN_M` of the twin. */
const LIMITS_M = [20e-6, 0.25e-3];

const mostApart = (a: ArrayLike<number>, b: ArrayLike<number>): number => {
  let most = 0;
  for (let i = 0; i < a.length; i++) most = Math.max(most, Math.abs(a[i]! - b[i]!));
  return most;
};

/** Share of numbers that are farther apart than this. */
const apart = (a: ArrayLike<number>, b: ArrayLike<number>, near: number): number =>
  Array.from(a).filter((v, i) => Math.abs(v - b[i]!) > near).length / a.length;

/** A motion's planes as the numbers they stand for; the fourth, where there is one, as parts of the most. */
const planes = ({ data, most }: Motion): number[] =>
  Array.from(data, (v, i) => (v * (most[Math.floor(i / (GRID.nx * GRID.ny))] ?? 1)) / WHOLE);

/** How far smoothing carries, twice over, what one cell differs by. */
const REACH = 2;
const beside = (i: number, j: number): boolean =>
  Math.abs((i % GRID.nx) - (j % GRID.nx)) <= REACH &&
  Math.abs(Math.floor(i / GRID.nx) - Math.floor(j / GRID.nx)) <= REACH;

test('a frame of the kernel is the frame of its twin, in heights and in motion', () => {
  fc.assert(
    fc.property(
      heights,
      drive,
      forces,
      films,
      fc.boolean(),
      (cells, plain, forced, two, xFirst) => {
        const [kernel, twin] = pair(cells);
        const layers = two
          ? {
              lowerNu: two.lowerNu,
              arrivingNu: two.arrivingNu,
              ...(two.stands && { stands: two.stands }),
            }
          : undefined;
        const driven = {
          ...plain,
          fields: forced !== null,
          ...(layers && { layers }),
        };
        if (two)
          for (const { film } of [kernel, twin])
            for (let i = 0; i < cells.length; i++) {
              film.lower[i] = film.h[i]! * two.shares[i % 83]!;
              film.lnNu[i] = Math.log(two.nus[i % 79]!);
              film.source[i] = film.ground[i]! >= 0 && i % 11 === 0 ? 2e-3 : 0;
            }
        if (forced)
          for (const { film } of [kernel, twin]) {
            for (let i = 0; i < cells.length; i++) {
              film.pushX[i] = forced.push[i % 97]!;
              film.pushY[i] = forced.push[(i + 31) % 97]!;
              film.shearX[i] = forced.shear[i % 89]!;
              film.shearY[i] = forced.shear[(i + 17) % 89]!;
            }
            addSpin(film, forced.omega, 0.02, 0.017);
          }
        const before = Float64Array.from(twin.film.h);
        // Two steps of one frame: the second starts from heights the first rounded.
        const [own, expected] = [kernel, twin].map((k) => {
          k.beginFrame();
          k.step(driven, 0.05, xFirst);
          k.step(driven, 0.05, !xFirst);
          return k.endFrame(driven);
        }) as [Motion, Motion];
        if (!two) expect(mostApart(kernel.film.h, twin.film.h)).toBeLessThan(3e-7);
        // Two films of a rough patch know each other's thickness by the difference of two heights, and a cell that was dry has its own from
        // whichever neighbour came first: all but a few cells agree.
        expect(apart(kernel.film.h, twin.film.h, 1e-6)).toBeLessThan(0.02);
        expect(apart(kernel.film.lower, twin.film.lower, 1e-6)).toBeLessThan(0.02);
        const thick = ({ film: { h, lower, lnNu } }: FilmKernel) =>
          Array.from(lnNu, (ln, i) =>
            twin.film.h[i]! - twin.film.lower[i]! > 2e-4 && h[i]! > lower[i]! ? ln : 0,
          );
        expect(apart(thick(kernel), thick(twin), 5e-3)).toBeLessThan(0.02);
        // A cell that is over the limit of dry or thin in one and not in the other moves those around it otherwise: they are left out.
        const limitsOf = ({ film }: FilmKernel) =>
          Array.from(before, (h, i) => LIMITS_M.filter((m) => (h + film.h[i]!) / 2 >= m).length);
        const twins = limitsOf(twin);
        const torn = limitsOf(kernel).flatMap((over, i) => (over === twins[i] ? [] : [i]));
        const sure = (numbers: readonly number[]) =>
          numbers.filter((_, i) => !torn.some((j) => beside(i % (GRID.nx * GRID.ny), j)));
        // Cells moved; the third plane is held to 2, and both are cut to sixteen bits.
        const scale = Math.max(...expected.most);
        const near = 2e-4 * scale + 2e-3;
        const moved = 3 * GRID.nx * GRID.ny;
        expect(
          mostApart(sure(planes(own).slice(0, moved)), sure(planes(expected).slice(0, moved))),
        ).toBeLessThan(25 * near);
        expect(apart(sure(planes(own)), sure(planes(expected)), near)).toBeLessThan(0.02);
      },
    ),
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
  expect(mostApart(both[0].film.h, both[1].film.h)).toBeLessThan(1e-7);
});

test('samples are traced as the twin traces them, off the grid too', () => {
  const unit = between(0, 1);
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: -WHOLE, max: WHOLE }), { minLength: 1152, maxLength: 1152 }),
      fc.array(fc.tuple(unit, unit, unit), { minLength: 64, maxLength: 64 }),
      (data, places) => {
        const both = [make(GRID, 64), plainKernel(GRID, 64)] as const;
        for (const k of both) {
          places.forEach(([x, y, z], i) => {
            k.samples.x[i] = x * 26 - 1;
            k.samples.y[i] = y * 18 - 1;
            k.samples.z[i] = z;
          });
          const motion = Int16Array.from(data);
          k.trace({ data: motion, most: [3, 2, 0.5], box: boxOf(motion, GRID) }, 64);
        }
        for (const axis of ['x', 'y', 'z'] as const)
          expect(mostApart(both[0].samples[axis], both[1].samples[axis])).toBeLessThan(2e-3);
      },
    ),
    { numRuns: 30 },
  );
});

test('a few samples close together are traced as by the twin, wherever they are, as far as anything may move, whatever was traced before', () => {
  const unit = between(0, 1);
  /** Nearly as fast as may be, and in each plane nearly alike, so that samples look far ahead of where they are; no two cells alike. */
  const motions = fc
    .tuple(
      fc.array(fc.constantFrom(-1, 1), { minLength: 4, maxLength: 4 }),
      fc.array(fc.integer({ min: Math.ceil(0.8 * WHOLE), max: WHOLE }), {
        minLength: 1536,
        maxLength: 1536,
      }),
    )
    .map(([signs, data]): Motion => {
      const motion = Int16Array.from(data, (v, i) => signs[Math.floor(i / 384)]! * v);
      return { data: motion, most: [3, 3, 0.5], box: boxOf(motion, GRID) };
    });
  fc.assert(
    fc.property(
      motions,
      motions,
      fc.tuple(unit, unit),
      fc.array(fc.tuple(unit, unit, unit), { minLength: 1, maxLength: 7 }),
      (before, motion, [atX, atY], places) => {
        const [fast, plain] = [make(GRID, 64), plainKernel(GRID, 64)].map((kernel) => {
          const { x, y, z } = kernel.samples;
          // From one corner of the grid to the other.
          for (let i = 0; i < 64; i++) x[i] = y[i] = z[i] = (i * 24) / 63;
          kernel.trace(before, 64);
          places.forEach(([right, below, up], i) => {
            x[i] = 26 * atX - 1 + right;
            y[i] = 18 * atY - 1 + below;
            z[i] = up;
          });
          kernel.trace(motion, places.length);
          return places.flatMap((_, i) => [x[i]!, y[i]!, z[i]!]);
        });
        expect(mostApart(fast!, plain!)).toBeLessThan(2e-3);
      },
    ),
    { numRuns: 60 },
  );
});

test('what goes round takes samples along as in the twin, at the border of the grid too', () => {
  const unit = between(0, 1);
  /** A part of the grid whose border is nothing, but where it is the border of the grid. */
  const part = fc
    .record({
      left: fc.integer({ min: 0, max: 12 }),
      top: fc.integer({ min: 0, max: 8 }),
      across: fc.integer({ min: 3, max: 12 }),
      down: fc.integer({ min: 3, max: 8 }),
      far: fc.array(between(-3, 3), { minLength: 97, maxLength: 97 }),
    })
    .map(({ far, ...box }) => {
      const { left, top, across, down } = box;
      const plane = (first: number) =>
        Float32Array.from({ length: across * down }, (_, k) => {
          const [column, row] = [k % across, Math.floor(k / across)];
          const border =
            (column === 0 && left > 0) ||
            (row === 0 && top > 0) ||
            (column === across - 1 && left + across < GRID.nx) ||
            (row === down - 1 && top + down < GRID.ny);
          return border ? 0 : far[(k + first) % 97]!;
        });
      return { ...box, x: plane(0), y: plane(31), apart: plane(57) };
    });
  // One kernel for all: nothing of the part before may be left.
  const kernel = make(GRID, 64);
  fc.assert(
    fc.property(
      part,
      fc.array(fc.tuple(unit, unit, unit), { minLength: 64, maxLength: 64 }),
      (round, places) => {
        const both = [kernel, plainKernel(GRID, 64)] as const;
        for (const k of both) {
          places.forEach(([x, y, z], i) => {
            k.samples.x[i] = x * 26 - 1;
            k.samples.y[i] = y * 18 - 1;
            k.samples.z[i] = z;
          });
          k.circulate(round, 64);
        }
        // A place at the very limit of the part may be within it in one and not in the other.
        for (const axis of ['x', 'y', 'z'] as const)
          expect(apart(both[0].samples[axis], both[1].samples[axis], 1e-3)).toBeLessThan(0.02);
      },
    ),
    { numRuns: 40 },
  );
});

test('the samples that come near what moves are found, none twice, none beyond those asked for, and hardly any that miss it', () => {
  const across = between(0, 24);
  const place = fc.record({ x: across, y: across });
  fc.assert(
    fc.property(
      fc.array(fc.tuple(place, place), { minLength: 64, maxLength: 64 }),
      fc.record({ from: place, to: place }),
      fc.integer({ min: 0, max: 64 }),
      between(0, 9),
      (ways, way, count, reach) => {
        for (const k of [make(GRID, 64), plainKernel(GRID, 64)]) {
          ways.forEach(([is, was], i) => {
            k.samples.x[i] = is.x;
            k.samples.y[i] = is.y;
            k.before.x[i] = was.x;
            k.before.y[i] = was.y;
          });
          const found = new Set(k.near(way, reach, count));
          // Looked at moment by moment: never nearer than the nearest they come.
          const MOMENTS = 400;
          ways.forEach(([is, was], i) => {
            let nearest = Infinity;
            for (let n = 0; n <= MOMENTS; n++) {
              const at = n / MOMENTS;
              const meanwhile = (a: number, b: number) => a + (b - a) * at;
              const x = meanwhile(is.x, was.x) - meanwhile(way.from.x, way.to.x);
              const y = meanwhile(is.y, was.y) - meanwhile(way.from.y, way.to.y);
              nearest = Math.min(nearest, Math.hypot(x, y));
            }
            if (i >= count) expect(found.has(i)).toBe(false);
            // To within a round-off.
            else if (nearest < reach - 1e-9) expect(found.has(i)).toBe(true);
            else if (nearest > reach + 0.1) expect(found.has(i)).toBe(false);
          });
        }
      },
    ),
    { numRuns: 40 },
  );
});

test('a grid that is not whole fours is refused', () =>
  expect(() => make({ nx: 18, ny: 16, dx: 1e-3 }, 4)).toThrow('whole fours'));
