import fc from 'fast-check';
import { between } from '../../between.test-data';
import { idsOf } from '../../registry';
import { apart, type Point } from './define';
import { lengthOfLine, type Path, PATHS, strokesOf } from './index';
import { smoothed, thinned } from './smooth';

const size = { widthMm: 300, heightMm: 200 };

/** A place's distance from a line of points. */
function from(line: readonly Point[], [x, y]: Point): number {
  let near = Infinity;
  for (let i = 1; i < line.length; i++) {
    const [[ax, ay], [bx, by]] = [line[i - 1]!, line[i]!];
    const [dx, dy] = [bx - ax, by - ay];
    const long = dx * dx + dy * dy || 1;
    const t = Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / long));
    near = Math.min(near, Math.hypot(x - ax - t * dx, y - ay - t * dy));
  }
  return near;
}

/** Every way as a finger would go over it: a point every millimetre and a half, none exactly on it. */
const traced = (path: Path): Point[] => {
  const whole = strokesOf(path)[0]!;
  const fine: Point[] = [];
  for (let i = 1; i < whole.length; i++) {
    const [a, b] = [whole[i - 1]!, whole[i]!];
    const n = Math.max(1, Math.round(apart(a, b) / 1.5));
    for (let k = 0; k < n; k++)
      fine.push([a[0] + ((b[0] - a[0]) * k) / n, a[1] + ((b[1] - a[1]) * k) / n]);
  }
  fine.push(whole.at(-1)!);
  return fine.map(([x, y], i) => [x + 0.4 * Math.sin(1.7 * i), y + 0.4 * Math.cos(2.3 * i)]);
};

test.each(idsOf(PATHS).filter((kind) => kind !== 'free'))(
  'a %s gone over with a finger is that way again, within 2 mm',
  (kind) => {
    const begun = PATHS[kind].start(size);
    const path: Path =
      'waveMm' in begun ? { ...begun, waveMm: 48, swingMm: -begun.swingMm } : begun;
    const again = PATHS[kind].fitted(traced(path));
    const [was, is] = [strokesOf(path)[0]!, strokesOf(again)[0]!];
    // The ends are where the finger began and left off.
    for (const end of [0, -1]) expect(apart(was.at(end)!, is.at(end)!)).toBeLessThan(2);
    const off = is.map((p) => from(was, p));
    expect(off.reduce((sum, d) => sum + d, 0) / off.length).toBeLessThan(2);
    expect(lengthOfLine(is) / lengthOfLine(was)).toBeGreaterThan(0.9);
    expect(lengthOfLine(is) / lengthOfLine(was)).toBeLessThan(1.1);
  },
);

test('a spiral and a ring begin where the finger did, and go round as it did', () => {
  const deg = fc.integer({ min: -179, max: 180 });
  const turns = fc.integer({ min: 3, max: 16 }).map((n) => n / 4);
  const hand = fc.constantFrom(1, -1);
  fc.assert(
    fc.property(deg, turns, hand, fc.boolean(), (fromDeg, n, way, out) => {
      const radii = out ? [6, 70] : [70, 6];
      const spiral: Path = {
        kind: 'spiral',
        centreMm: [150, 100],
        fromRadiusMm: radii[0]!,
        toRadiusMm: radii[1]!,
        turns: way * n,
        fromDeg,
      };
      const again = PATHS.spiral.fitted(traced(spiral));
      const ends = (path: Path) => [strokesOf(path)[0]![0]!, strokesOf(path)[0]!.at(-1)!] as const;
      for (const end of [0, 1] as const)
        expect(apart(ends(again)[end], ends(spiral)[end])).toBeLessThan(2);
      expect('turns' in again && again.turns / (way * n)).toBeCloseTo(1, 0);
      const ring: Path = { kind: 'ring', centreMm: [150, 100], radiusMm: 60, turns: way, fromDeg };
      const round = PATHS.ring.fitted(traced(ring));
      expect(apart(ends(round)[0], ends(ring)[0])).toBeLessThan(2);
      expect('turns' in round && round.turns).toBe(way);
    }),
    { numRuns: 60 },
  );
});

test('a spiral’s beginning drawn elsewhere leaves its end where it is, its end drawn round goes on', () => {
  const spiral: Path = {
    kind: 'spiral',
    centreMm: [150, 100],
    fromRadiusMm: 10,
    toRadiusMm: 60,
    turns: 2,
    fromDeg: 30,
  };
  const [, , end] = PATHS.spiral.handles(spiral);
  const begun = PATHS.spiral.moved(spiral, 1, [150, 120]);
  expect(PATHS.spiral.handles(begun)[1]![1]).toBeCloseTo(120, 0);
  expect(apart(PATHS.spiral.handles(begun)[2]!, end!)).toBeLessThan(0.2);
  // A quarter further each time, twice round and more.
  let on: Path = spiral;
  for (let k = 1; k <= 8; k++) {
    const a = ((30 + 45 * k) * Math.PI) / 180;
    on = PATHS.spiral.moved(on, 2, [150 + 60 * Math.cos(a), 100 + 60 * Math.sin(a)]);
  }
  expect('turns' in on && on.turns).toBeCloseTo(3, 2);
});

/** Any line a hand may draw: slow sines of both axes, a point every couple of millimetres. */
const anyHand = fc
  .record({
    across: between(10, 120),
    down: between(10, 90),
    fx: between(0.3, 2),
    fy: between(0.3, 3),
    phase: between(0, 6.28),
  })
  .map(({ across, down, fx, fy, phase }): Point[] =>
    Array.from({ length: 600 }, (_, i) => {
      const t = (i / 599) * 2 * Math.PI;
      return [150 + across * Math.sin(fx * t), 100 + down * Math.sin(fy * t + phase)];
    }),
  );

test('a free line keeps within 2 mm of the finger with a seventh of its points, and its ends stay where they were let go', () =>
  fc.assert(
    fc.property(anyHand, (drawn) => {
      const kept = thinned(drawn);
      expect(kept.length).toBeLessThanOrEqual(drawn.length / 7);
      const smooth = smoothed(kept);
      for (const p of drawn.filter((_, i) => i % 7 === 0)) expect(from(smooth, p)).toBeLessThan(2);
      for (const p of smooth) expect(from(drawn, p)).toBeLessThan(2);
      for (const end of [0, -1]) expect(apart(smooth.at(end)!, drawn.at(end)!)).toBeLessThan(0.1);
    }),
  ));

test('however long somebody scribbles, a document holds it', () => {
  const scribble = Array.from({ length: 20_000 }, (_, i): Point => [
    150 + 140 * Math.sin(0.37 * i) * Math.cos(0.011 * i),
    100 + 90 * Math.cos(0.53 * i),
  ]);
  expect(thinned(scribble).length).toBeLessThanOrEqual(400);
  expect(
    thinned([
      [5, 5],
      [5, 5],
    ]).length,
  ).toBe(2);
});
