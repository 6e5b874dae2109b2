import { areaPathsD, FillRule, unionD } from 'clipper2-ts';
import fc from 'fast-check';
import { between } from '../../between.test-data';
import { crossingOf } from './crossing';
import { covers } from './covers';
import { outlineFrom, outlineFromPath } from './from-drawing';
import { areaOf, lengthOf } from './measure';
import { readPath } from './path-data';
import { extentOf, pathOf, type Ring } from './ring';
import { simplified } from './simplify';
import { spotsWithin } from './spots';

const square = (side: number, at = 0): Ring => [
  at,
  at,
  at + side,
  at,
  at + side,
  at + side,
  at,
  at + side,
];

/** A star-shaped ring round 0, 0 with these radii at even angles: it never crosses itself. */
const star = (radii: readonly number[]): Ring =>
  radii.flatMap((r, i) => {
    const a = (i * 2 * Math.PI) / radii.length;
    return [r * Math.cos(a), r * Math.sin(a)];
  });
const anyStar = fc.array(between(20, 400), { minLength: 5, maxLength: 40 }).map(star);

const asPath = (ring: Ring) =>
  Array.from({ length: ring.length / 2 }, (_, i) => ({ x: ring[2 * i]!, y: ring[2 * i + 1]! }));

describe('area', () => {
  // Shoelace formula (Meister 1769), and a reference library for clipping polygons.
  test('is that of the shoelace formula and of a reference library', () =>
    fc.assert(
      fc.property(anyStar, (ring) => {
        let twice = 0;
        for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2)
          twice += ring[j]! * ring[i + 1]! - ring[i]! * ring[j + 1]!;
        expect(areaOf([ring])).toBeCloseTo(Math.abs(twice) / 2, 6);
        expect(areaOf([ring]) / Math.abs(areaPathsD([asPath(ring)]))).toBeCloseTo(1, 9);
      }),
      { numRuns: 200 },
    ));

  test('holes are taken out, islands in holes counted again, whichever way they run', () => {
    const hole = square(60, 20);
    const turnedRound = [...hole].reverse();
    expect(areaOf([square(100), hole])).toBe(6400);
    expect(
      areaOf([
        square(100),
        [...turnedRound].flatMap((_, i, all) => (i % 2 ? [] : [all[i + 1]!, all[i]!])),
      ]),
    ).toBe(6400);
    expect(areaOf([square(100), hole, square(20, 40)])).toBe(6800);
    expect(lengthOf([square(100), hole])).toBe(640);
  });

  test('is that of the even-odd union of a reference library', () =>
    fc.assert(
      fc.property(anyStar, between(0.05, 0.9), (ring, k) => {
        const rings = [ring, ring.map((v) => v * k)];
        const even = areaPathsD(unionD(rings.map(asPath), [], FillRule.EvenOdd, 6));
        expect(areaOf(rings) / even).toBeCloseTo(1, 4);
      }),
      { numRuns: 60 },
    ));
});

describe('path data', () => {
  test('a circle of arcs and one of curves have the area of a circle', () => {
    const arcs = readPath('M0 50a50 50 0 1 1 100 0a50 50 0 1 1 -100 0z');
    expect(areaOf(arcs) / (Math.PI * 2500)).toBeCloseTo(1, 2);
    // Four cubics with handles of 0.5523 radii: within 0.03 % of a circle (from memory, Riškus 2006).
    const k = 0.5522847498 * 50;
    const curves = readPath(
      `M50 0C${50 + k} 0 100 ${50 - k} 100 50S${50 + k} 100 50 100S0 ${50 + k} 0 50S${50 - k} 0 50 0Z`,
      0.001,
    );
    expect(areaOf(curves) / (Math.PI * 2500)).toBeCloseTo(1, 3);
  });

  test('every command, relative and absolute, gives the same ring', () => {
    const absolute = readPath('M10 10H60V40L10 40Z');
    expect(readPath('m10 10h50v30l-50 0z')).toEqual(absolute);
    expect(absolute).toEqual([[10, 10, 60, 10, 60, 40, 10, 40]]);
    expect(areaOf(readPath('M0 0Q50 100 100 0T200 0L200 -10L0 -10Z'))).toBeGreaterThan(0);
  });

  test('a long run of numbers is what its commands said one by one are, however it is written', () => {
    const steps = Array.from({ length: 3000 }, (_, i) => [
      Math.cos(i / 477).toFixed(3),
      (-Math.sin(i / 477)).toFixed(3),
    ]);
    const one = steps.map(([x, y]) => `l${x} ${y}`).join('');
    const drawn = readPath(`M9 9${one}z`);
    expect(drawn[0]!.length).toBeGreaterThan(5000);
    // With commas, with no gap before a minus, and as what follows a move.
    expect(readPath(`M9,9l${steps.map((xy) => xy.join()).join()}z`)).toEqual(drawn);
    const packed = steps.flat().join(' ').replaceAll(' -', '-');
    expect(readPath(`m9 9 ${packed}z`)).toEqual(drawn);
    const up = (letter: string) => Array.from({ length: 500 }, (_, i) => `${letter}${i + 1}`);
    expect(readPath(`M0 0H${up('').join(',')}V9z`)).toEqual(readPath(`M0 0${up('H').join('')}V9z`));
    const bow = 'c1 0 2 1e0 2 2 .5.5 1 0 1-1 ';
    expect(readPath(`M0 0 c${bow.slice(1).repeat(900)}`)).toEqual(
      readPath(`M0 0 ${bow.replace('2 2 .5', '2 2c.5').repeat(900)}`),
    );
  });

  test('an open end is closed, a second piece begins a second ring, lines without a width give none', () => {
    expect(readPath('M0 0L10 0L10 10')).toHaveLength(1);
    expect(readPath('M0 0h10v10zM20 20h10v10z')).toHaveLength(2);
    expect(readPath('M0 0L10 10')).toEqual([]);
  });

  test('transforms are gone through, the innermost first', () =>
    expect(extentOf(readPath('M0 0h10v10h-10z', 0.1, ['scale(2)', 'translate(5 7)']))).toEqual({
      left: 5,
      top: 7,
      widthMm: 20,
      heightMm: 20,
    }));

  test('nonsense is told where it stands', () =>
    expect(() => readPath('M0 0L10 hello')).toThrow(/at 7|pos/i));

  test('in a long run too', () => {
    const before = `M0 0L${'5 7 '.repeat(2000)}`;
    const at = new RegExp(`at pos ${before.length + 2}\\)`);
    expect(() => readPath(`${before}, , 9 9z`)).toThrow(at);
  });

  test('a chord keeps within its tolerance of the curve', () => {
    for (const tolerance of [0.01, 0.1, 1]) {
      const ring = readPath('M0 50a50 50 0 1 1 100 0a50 50 0 1 1 -100 0z', tolerance)[0]!;
      for (let i = 0; i < ring.length; i += 2) {
        const [x, y] = [ring[i]!, ring[i + 1]!];
        const [nx, ny] = [ring[(i + 2) % ring.length]!, ring[(i + 3) % ring.length]!];
        expect(50 - Math.hypot((x + nx) / 2 - 50, (y + ny) / 2 - 50)).toBeLessThan(tolerance * 1.1);
      }
    }
  });
});

describe('crossings', () => {
  test('a bow tie crosses in its middle', () =>
    expect(crossingOf([[0, 0, 100, 100, 100, 0, 0, 100]])).toEqual([50, 50]));
  test('two rings that overlap', () =>
    expect(crossingOf([square(100), square(100, 50)])).toBeDefined());
  test('a line that runs back along itself', () =>
    expect(crossingOf([[0, 0, 100, 0, 50, 0, 50, 50]])).toBeDefined());
  test('edges that lie on each other', () =>
    expect(crossingOf([square(100), [100, 20, 140, 20, 140, 60, 100, 60]])).toBeDefined());
  test('a ring in a ring, and stars, do not cross', () => {
    expect(crossingOf([square(100), square(60, 20)])).toBeUndefined();
    fc.assert(
      fc.property(anyStar, (ring) => expect(crossingOf([ring])).toBeUndefined()),
      { numRuns: 100 },
    );
  });
  // Every edge against every other by the turns of their ends (Sedgewick's predicate), without a sweep.
  test('two stars cross exactly where some pair of their edges does', () =>
    fc.assert(
      fc.property(anyStar, anyStar, between(1.37, 700), (a, b, shift) => {
        const moved = b.map((v, i) => (i % 2 === 0 ? v + shift : v));
        const crossed = edgesOf(a).some((e) => edgesOf(moved).some((f) => cross(e, f)));
        expect(crossingOf([a, moved]) !== undefined).toBe(crossed);
      }),
      { numRuns: 200 },
    ));
});

type Edge = readonly [number, number, number, number];
const edgesOf = (ring: Ring): Edge[] =>
  Array.from({ length: ring.length / 2 }, (_, i) => {
    const j = (2 * i + 2) % ring.length;
    return [ring[2 * i]!, ring[2 * i + 1]!, ring[j]!, ring[j + 1]!] as const;
  });
const turn = (ax: number, ay: number, bx: number, by: number, cx: number, cy: number): number =>
  Math.sign((bx - ax) * (cy - ay) - (by - ay) * (cx - ax));
const cross = ([ax, ay, bx, by]: Edge, [cx, cy, dx, dy]: Edge): boolean =>
  turn(ax, ay, bx, by, cx, cy) * turn(ax, ay, bx, by, dx, dy) < 0 &&
  turn(cx, cy, dx, dy, ax, ay) * turn(cx, cy, dx, dy, bx, by) < 0;

describe('an outline from a drawing', () => {
  test('is scaled, moved to the corner, and has its area', () => {
    const made = outlineFromPath('M100 100h200v100h-200z', 2);
    expect(made).toEqual({
      ok: true,
      value: { kind: 'outline', path: 'M0 0L400 0L400 200L0 200Z' },
    });
  });
  test.each([
    ['M0 0L100 100L100 0L0 100Z', 1, /crosses itself at 50, 50 mm/],
    ['M0 0L100 0', 1, /encloses nothing/],
    ['M0 0L100 0L100 100L0 100Z', 1000, /is 1e\+5 × 1e\+5 mm; 5000 mm is the most|100000/],
    ['M0 0L100 0L100 100L0 100Z', 0.001, /5 mm is the least/],
    ['M0 0L100 0L50 0Z', 1, /least|crosses|area/],
    ['M0 0 banana', 1, /no SVG path data/],
  ])('%s at %d mm is refused in words', (path, mmPerUnit, fault) => {
    const made = outlineFromPath(path, mmPerUnit);
    expect(made.ok).toBe(false);
    if (!made.ok) expect(made.fault).toMatch(fault);
  });

  test('simplifying loses no more than its tolerance: area within outline × tolerance', () =>
    fc.assert(
      fc.property(anyStar, between(0.05, 5), (ring, tolerance) => {
        const fewer = simplified(ring, tolerance);
        expect(fewer.length).toBeLessThanOrEqual(ring.length);
        expect(Math.abs(areaOf([ring]) - (fewer.length ? areaOf([fewer]) : 0))).toBeLessThanOrEqual(
          lengthOf([ring]) * tolerance,
        );
      }),
      { numRuns: 100 },
    ));

  test('area grows with the square of the scale', () =>
    fc.assert(
      fc.property(anyStar, between(0.5, 3), (ring, k) => {
        const [one, scaled] = [outlineFrom([ring], 1), outlineFrom([ring], k)];
        if (!one.ok || !scaled.ok) return;
        const a = areaOf(readPath(scaled.value.path)) / areaOf(readPath(one.value.path));
        expect(a / (k * k)).toBeCloseTo(1, 1);
      }),
      { numRuns: 60 },
    ));

  test('path data written and read again is the same outline', () => {
    const rings = [square(100), square(60, 20)];
    expect(readPath(pathOf(rings))).toEqual(rings);
  });
});

describe('places on a face', () => {
  test('each lies on it, apart from the others', () =>
    fc.assert(
      fc.property(anyStar, fc.integer({ min: 1, max: 9 }), (ring, count) => {
        const spots = spotsWithin([ring], count);
        expect(spots).toHaveLength(count);
        // Whole millimetres: within one of the face.
        for (const [x, y] of spots)
          expect(
            [-1, 0, 1].some((dx) => [-1, 0, 1].some((dy) => covers([ring], x + dx, y + dy))),
          ).toBe(true);
      }),
      { numRuns: 40 },
    ));
  test('one place is in the middle of a square, and four in its quarters', () => {
    const [[x, y]] = spotsWithin([square(200)], 1) as [[number, number]];
    expect(Math.hypot(x - 100, y - 100)).toBeLessThan(8);
    const four = spotsWithin([square(200)], 4);
    for (const [qx, qy] of [
      [50, 50],
      [150, 50],
      [50, 150],
      [150, 150],
    ] as const)
      expect(Math.min(...four.map(([sx, sy]) => Math.hypot(sx - qx, sy - qy)))).toBeLessThan(25);
  });
});
