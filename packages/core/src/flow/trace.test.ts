import fc from 'fast-check';
import { between } from '../between.test-data';
import { tilted } from './grid';
import { plainKernel } from './kernel';
import { BASE, endOf, flipped, poured, scene } from './scene.test-data';
import { type Disc, entry } from './disc';
import { emptyBirths, NONE } from './births';
import { RAMP_S } from './pace';
import { traceAlone, traceBirths } from './trace';

// Nusselt 1916: on an incline a level z of a film h moves g sin a/ν · (h z − z²/2) a second.
test.each([1, 0.7, 0.3])(
  'paint at %d of the film is traced back up an incline, within 1e-4',
  (z) => {
    const kernel = plainKernel({ nx: 400, ny: 4, dx: 1e-3 }, 1);
    const drive = tilted(9e-4, 10, 0);
    const h = 1.5e-3;
    kernel.film.h.fill(h, 400, 1200);
    const frames = Array.from({ length: 10 }, () => {
      kernel.beginFrame();
      kernel.step(drive, 0.1, true);
      kernel.step(drive, 0.1, false);
      return kernel.endFrame(drive);
    });
    kernel.samples.x[0] = 250;
    kernel.samples.y[0] = 2;
    kernel.samples.z[0] = z;
    for (const frame of frames.reverse()) {
      kernel.trace(frame, 1);
    }
    const moved = (250 - kernel.samples.x[0]!) * 1e-3;
    const expected = (drive.gx / 9e-4) * (h * (z * h) - (z * h) ** 2 / 2) * 2;
    expect(Math.abs(moved / expected - 1)).toBeLessThan(1e-4);
  },
);

// The same law, its pull coming and going: the surface moves ∫ g sin a(t) dt · h²/2ν.
test('what hardly moves as a tilt comes and goes shares a frame, and is traced back as far as it went', () => {
  const [s, angleDeg] = [6, 4];
  const tilt = { kind: 'tilt', towardDeg: 0, angleDeg, s } as const;
  const { pour, kernel, site } = poured(scene([BASE, tilt], { widthMm: 600, heightMm: 100 }));
  // Three stretches as it comes and three as it goes, at the least, and what is between.
  expect(pour.steps.length - 1).toBeLessThan(5);
  const xMm: number[] = [];
  const places = { index: Int32Array.of(0), count: 1, z: Float32Array.of(1) };
  const at = (mm: number, axis: 0 | 1) => Float32Array.of((mm + site.originMm[axis]) / site.cellMm);
  const start = { ...places, x: at(300, 0), y: at(50, 1) };
  endOf(
    traceAlone(pour, kernel, start, emptyBirths(1), (_, __, count, x) => {
      if (count > 0) xMm.push(x[0]! * site.cellMm - site.originMm[0]);
    }),
  );
  const ramp = RAMP_S;
  const parts = 1000;
  let pulledS = 0;
  for (let n = 0; n < parts; n++) {
    const t = ((n + 0.5) * s) / parts;
    const share = Math.min(1, t / ramp, (s - t) / ramp);
    pulledS += (Math.sin((share * angleDeg * Math.PI) / 180) * s) / parts;
  }
  const expected = (9.81 * pulledS * 1e-3 ** 2) / (2 * 1.1e-3);
  expect(Math.abs((300 - xMm.at(-1)!) / (1000 * expected) - 1)).toBeLessThan(0.01);
});

/** A place that sets out amid a step of a pour, so far through it. */
const settingOut = (
  { site }: ReturnType<typeof poured>,
  xMm: number,
  yMm: number,
  since: number,
  until: number,
) => ({
  index: Int32Array.of(0),
  count: 1,
  x: Float32Array.of((xMm + site.originMm[0]) / site.cellMm),
  y: Float32Array.of((yMm + site.originMm[1]) / site.cellMm),
  z: Float32Array.of(1),
  since: Int32Array.of(since),
  until: Float32Array.of(until),
});

test('a place that sets out amid a frame goes back through what of it had gone by, to a thousandth of the frame', () => {
  const tilt = { kind: 'tilt', towardDeg: 0, angleDeg: 9, s: 8 } as const;
  const what = poured(scene([BASE, tilt], { widthMm: 600, heightMm: 100 }));
  const amid = Math.floor(what.pour.steps.length / 2);
  const cameIn = (until: number): number => {
    const place = settingOut(what, 300, 50, amid, until);
    let before = NaN;
    const work = traceAlone(what.pour, what.kernel, place, emptyBirths(1), (steps, _, count, x) => {
      if (steps === amid && count > 0) before = x[0]!;
    });
    endOf(work);
    return place.x[0]! - before;
  };
  const whole = cameIn(1);
  expect(whole).toBeGreaterThan(0.3);
  for (const until of [0.1, 0.5, 0.9])
    expect(Math.abs(cameIn(until) / whole - until)).toBeLessThan(1e-3);
});

test('what sets out amid a frame from under a mouth is what left the cup by then', () => {
  const what = poured(scene([flipped([100, 100], 60)]));
  const amid = what.pour.steps.findIndex(({ met }) => (met?.[0]?.disc.from.s ?? 0) > 0.3);
  const { from, to } = what.pour.steps[amid]!.met![0]!.disc;
  const left = (until: number): number => {
    const births = emptyBirths(1);
    const place = settingOut(what, 100, 100, amid, until);
    endOf(traceAlone(what.pour, what.kernel, place, births));
    return births.s[0]!;
  };
  expect(to.s).toBeGreaterThan(from.s);
  for (const until of [0.25, 0.75, 1])
    expect(left(until)).toBeCloseTo(from.s + until * (to.s - from.s), 5);
});

/** Births of places given in mm and share of the film. */
function birthsAt(
  what: ReturnType<typeof poured>,
  places: readonly (readonly [x: number, y: number, z: number])[],
) {
  const { pour, kernel, site } = what;
  const births = emptyBirths(places.length);
  const toCells = (axis: 0 | 1) =>
    Float32Array.from(places, (p) => (p[axis] + site.originMm[axis]) / site.cellMm);
  const work = traceBirths(
    pour,
    kernel,
    {
      index: Int32Array.from(places, (_, i) => i),
      x: toCells(0),
      y: toCells(1),
      z: Float32Array.from(places, (p) => p[2]),
      count: places.length,
    },
    births,
  );
  endOf(work);
  return births;
}

/** Spearman's rank correlation of two equally long lists. */
function rankCorrelation(a: readonly number[], b: readonly number[]): number {
  const ranks = (v: readonly number[]) => {
    const order = v.map((_, i) => i).sort((i, j) => v[i]! - v[j]!);
    const out = new Array<number>(v.length);
    order.forEach((i, rank) => (out[i] = rank));
    return out;
  };
  const [ra, rb] = [ranks(a), ranks(b)];
  const mean = (a.length - 1) / 2;
  const sum = (f: (i: number) => number) => a.reduce((s, _, i) => s + f(i), 0);
  return (
    sum((i) => (ra[i]! - mean) * (rb[i]! - mean)) /
    Math.sqrt(sum((i) => (ra[i]! - mean) ** 2) * sum((i) => (rb[i]! - mean) ** 2))
  );
}

// Handbook 5: the first to leave a cup turned over runs outward, the last ends in the middle (common practice, no published source).
test('a flip lies in rings, first out outermost: rank correlation with radius at least 0.9', () => {
  const what = poured(scene([BASE, flipped([100, 100], 60)]));
  const places = Array.from({ length: 400 }, (_, i) => {
    const [r, a] = [60 * Math.sqrt((i + 0.5) / 400), i * 2.4];
    return [100 + r * Math.cos(a), 100 + r * Math.sin(a), 1] as const;
  });
  const births = birthsAt(what, places);
  const own = places.flatMap((p, i) =>
    births.source[i] === 1 ? [{ r: Math.hypot(p[0] - 100, p[1] - 100), s: births.s[i]! }] : [],
  );
  expect(own.length).toBeGreaterThan(100);
  const outward = rankCorrelation(
    own.map((o) => o.r),
    own.map((o) => -o.s),
  );
  expect(outward).toBeGreaterThanOrEqual(0.9);
});

test('where no stream came the base is found, under a stream the stream at every depth', () => {
  const what = poured(scene([BASE, flipped([100, 100], 20), { kind: 'rest', s: 20 }]));
  const births = birthsAt(what, [
    [8, 8, 1],
    [8, 8, 0.2],
    [100, 100, 1],
    [100, 100, 0.5],
  ]);
  expect([...births.source]).toEqual([0, 0, 1, 1]);
});

test('paint laid over paint is met first from above', () => {
  const what = poured(
    scene([BASE, { kind: 'overlay', mix: 'veil', filmMm: 0.5 }, { kind: 'rest', s: 5 }]),
  );
  // 0.5 of 1.5 mm is the veil: the upper third.
  const births = birthsAt(what, [
    [100, 100, 0.9],
    [100, 100, 0.7],
    [100, 100, 0.6],
    [100, 100, 0.1],
  ]);
  expect([...births.source]).toEqual([1, 1, 0, 0]);
});

test('a wet edge is where it was laid and nowhere else', () => {
  const what = poured(scene([{ kind: 'overlay', mix: 'edge', filmMm: 0.3, bandMm: 12 }]));
  const births = birthsAt(what, [
    [4, 100, 1],
    [100, 196, 1],
    [100, 100, 1],
  ]);
  expect([...births.source]).toEqual([0, 0, NONE]);
});

test('the entry into a moving disc is where a fine walk along the path finds it', () => {
  const spot = fc.record({ x: between(-4, 4), y: between(-4, 4), r: between(0.5, 3) });
  fc.assert(
    fc.property(
      spot,
      spot,
      fc.tuple(between(-9, 9), between(-9, 9)),
      fc.tuple(between(-9, 9), between(-9, 9)),
      (from, to, [newX, newY], [oldX, oldY]) => {
        const disc: Disc = {
          from: { ...from, s: 0, turned: 0 },
          to: { ...to, s: 1, turned: 0 },
          core: true,
          peakM: 1,
          last: false,
        };
        const depth = (tau: number) => {
          const at = (a: number, b: number) => a + (b - a) * tau;
          return (
            Math.hypot(at(newX, oldX) - at(from.x, to.x), at(newY, oldY) - at(from.y, to.y)) -
            at(from.r, to.r)
          );
        };
        const found = entry(disc, newX, newY, oldX, oldY);
        const walk = Array.from({ length: 2001 }, (_, i) => 1 - i / 2000);
        const first = walk.find((tau) => depth(tau) < -1e-3);
        if (first !== undefined) expect(found).toBeGreaterThanOrEqual(first - 1e-6);
        if (found >= 0 && found < 1) expect(Math.abs(depth(found))).toBeLessThan(1e-6);
        if (found < 0) expect(Math.min(...walk.map(depth))).toBeGreaterThan(-1e-3);
      },
    ),
  );
});

test('however fine, fast and thick a stream comes down, places under it stay between the ground and the surface', () => {
  fc.assert(
    fc.property(
      between(0.5, 20),
      between(1, 300),
      between(1, 30),
      between(0.05, 1),
      between(-4.5, -2),
      (mm, ml, s, filmMm, nu) => {
        const led = flipped([100, 100], ml, 2, {
          core: false,
          s,
          radiusMm: [{ at: 0, mm }],
          pathMm: [
            [40, 95],
            [160, 105],
          ],
        });
        const acts = [{ kind: 'overlay', mix: 'base', filmMm } as const, led];
        const { pour, kernel, site } = poured(scene(acts, { nu: 10 ** nu }), 20);
        const { nx, ny } = site.grid;
        const count = nx * ny;
        const at = (of: (n: number) => number) =>
          Float32Array.from({ length: count }, (_, n) => of(n));
        const places = {
          index: Int32Array.from({ length: count }, (_, n) => n),
          x: at((n) => (n % nx) + 0.5),
          y: at((n) => Math.floor(n / nx) + 0.5),
          z: at((n) => ((n * 7) % 10) / 10 + 0.05),
          count,
        };
        const births = emptyBirths(count);
        endOf(
          traceAlone(pour, kernel, places, births, (_, __, left, x, y) => {
            for (let k = 0; k < left; k++) {
              const z = kernel.samples.z[k]!;
              if (!(z >= 0 && z <= 1)) throw new Error(`a place is at ${z} of the film`);
              if (!Number.isFinite(x[k]! + y[k]!)) throw new Error('a place is nowhere');
            }
          }),
        );
        expect(births.s.every(Number.isFinite)).toBe(true);
      },
    ),
    { numRuns: 'POTTER_FULL' in globalThis ? 300 : 15 },
  );
});
