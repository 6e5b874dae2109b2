import fc from 'fast-check';
import { between } from '../../between.test-data';
import { idsOf } from '../../registry';
import { CHORD_MM } from './define';
import {
  along,
  carriedPath,
  lengthOfLine,
  type Path,
  PATHS,
  pathLengthMm,
  pathShapeOf,
  pathWords,
  strokesOf,
} from './index';

const size = { widthMm: 300, heightMm: 200 };
const starts = idsOf(PATHS).map((kind) => PATHS[kind].start(size));

test('along a line shares of it are shares of its length, its ends its ends, a place that is none passed over', () => {
  const corner = along([
    [0, 0],
    [30, 0],
    [30, 0],
    [30, 10],
  ]);
  expect(corner(0)).toEqual([0, 0]);
  expect(corner(0.375)).toEqual([15, 0]);
  expect(corner(0.75)).toEqual([30, 0]);
  expect(corner(0.875)).toEqual([30, 5]);
  expect(corner(1)).toEqual([30, 10]);
  expect(along([[7, 8]])(0.5)).toEqual([7, 8]);
  // A finger that rests before it sets off.
  const rested = along([
    [5, 5],
    [5, 5],
    [9, 5],
  ]);
  expect(rested(0)).toEqual([5, 5]);
  expect(rested(0.5)).toEqual([7, 5]);
  for (const path of starts)
    for (const line of strokesOf(path)) {
      const at = along(line);
      const parts = Array.from({ length: 4001 }, (_, n) => at(n / 4000));
      // Four thousand chords cut corners by less than a thousandth.
      expect(Math.abs(lengthOfLine(parts) / lengthOfLine(line) - 1)).toBeLessThan(1e-3);
    }
});

test.each(starts)('a new $kind lies on the face, has a length, words and handles', (path) => {
  const [points] = strokesOf(path);
  for (const [x, y] of points!) {
    expect(x).toBeGreaterThanOrEqual(0);
    expect(x).toBeLessThanOrEqual(size.widthMm);
    expect(y).toBeGreaterThanOrEqual(0);
    expect(y).toBeLessThanOrEqual(size.heightMm);
  }
  expect(pathLengthMm(path)).toBeGreaterThan(50);
  expect(pathWords(path)).toMatch(/^(in|along|as) /);
  expect(pathShapeOf(path).handles(path).length).toBeGreaterThanOrEqual(2);
});

test.each(starts)(
  'a handle of a $kind goes where it is drawn, or the path gives way toward it',
  (path) => {
    const shape = pathShapeOf(path);
    shape.handles(path).forEach((_, k) => {
      const drawn = shape.moved(path, k, [140, 60]);
      const [x, y] = shape.handles(drawn)[k]!;
      // A radius follows the distance only, so the handle may lie elsewhere on the same circle.
      const [cx, cy] = shape.handles(drawn)[0]!;
      const onCircle = 'centreMm' in drawn && k > 0;
      if (onCircle)
        expect(Math.hypot(x - cx, y - cy)).toBeCloseTo(Math.hypot(140 - cx, 60 - cy), 6);
      else if ('swingMm' in drawn && k === 2) {
        const [[ax, ay], [bx, by]] = [drawn.fromMm, drawn.toMm];
        const off = (by - ay) * (140 - ax) - (bx - ax) * (60 - ay);
        expect(drawn.swingMm).toBeCloseTo(off / Math.hypot(bx - ax, by - ay), 6);
      } else expect([x, y]).toEqual([140, 60]);
    });
  },
);

// Closed forms: circumference 2πr; arc length of Archimedes' spiral from its centre, r = bθ:
// b/2·(θ√(1 + θ²) + asinh θ) (standard calculus).
test('rings and spirals are as long as geometry says', () => {
  const round: Path = { kind: 'ring', centreMm: [0, 0], radiusMm: 40, turns: 2.5 };
  expect(pathLengthMm(round) / (2 * Math.PI * 40 * 2.5)).toBeCloseTo(1, 2);
  const turns = 4;
  const theta = 2 * Math.PI * turns;
  const b = 100 / theta;
  const closed = (b / 2) * (theta * Math.sqrt(1 + theta * theta) + Math.asinh(theta));
  const out: Path = { kind: 'spiral', centreMm: [0, 0], fromRadiusMm: 0, toRadiusMm: 100, turns };
  expect(pathLengthMm(out) / closed).toBeCloseTo(1, 2);
});

test('chords of a ring stray from it by no more than is said', () =>
  fc.assert(
    fc.property(between(1, 500), (radiusMm) => {
      const path: Path = { kind: 'ring', centreMm: [0, 0], radiusMm, turns: 1 };
      const [a, b] = strokesOf(path)[0]!;
      const middle = Math.hypot((a![0] + b![0]) / 2, (a![1] + b![1]) / 2);
      expect(radiusMm - middle).toBeLessThanOrEqual(CHORD_MM + 1e-9);
    }),
  ));

test('a zigzag has straight strokes of one length between its corners', () => {
  const path: Path = { kind: 'zigzag', fromMm: [0, 0], toMm: [120, 0], swingMm: 15, waveMm: 40 };
  const inner = strokesOf(path)[0]!.slice(1, -1);
  expect(inner).toHaveLength(6);
  inner
    .slice(1)
    .forEach(([x, y], i) =>
      expect(Math.hypot(x - inner[i]![0], y - inner[i]![1])).toBeCloseTo(Math.hypot(20, 30), 9),
    );
});

test('a path repeated is turned evenly about its place, and as much longer', () => {
  const once: Path = { kind: 'line', fromMm: [110, 100], toMm: [150, 100] };
  const petals: Path = { ...once, repeat: { n: 4, aboutMm: [100, 100] } };
  expect(pathLengthMm(petals)).toBeCloseTo(4 * pathLengthMm(once), 9);
  const ends = strokesOf(petals).map((stroke) => stroke[1]!.map((v) => Math.round(v)));
  expect(ends).toEqual([
    [150, 100],
    [100, 150],
    [50, 100],
    [100, 50],
  ]);
});

test.each(starts)('a $kind on a face half as large is the same, half as long', (path) => {
  const petals: Path = { ...path, repeat: { n: 3, aboutMm: [100, 80] } };
  const half = carriedPath(petals, {
    place: ([x, y]) => [x / 2, y / 2],
    length: (mm) => mm / 2,
    volume: (ml) => ml / 4,
  });
  // Curves are told in chords as fine as a hand needs, so fewer of them where all is smaller.
  expect(pathLengthMm(half) / pathLengthMm(petals)).toBeCloseTo(0.5, 2);
  const [from, to] = [strokesOf(petals), strokesOf(half)];
  expect(to).toHaveLength(3);
  for (const end of [0, -1]) {
    const [x, y] = from[1]!.at(end)!;
    expect(to[1]!.at(end)![0]).toBeCloseTo(x / 2, 6);
    expect(to[1]!.at(end)![1]).toBeCloseTo(y / 2, 6);
  }
});
