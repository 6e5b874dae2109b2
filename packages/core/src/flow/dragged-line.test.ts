import fc from 'fast-check';
import { between } from '../between.test-data';
import { draggedAlong, type DraggedLine } from './dragged-line';

const LINE: DraggedLine = {
  points: [
    [0, 0],
    [400, 0],
  ],
  takes: 30,
  reach: 5,
};

// The tine line of mathematical marbling: takes · e^(−d/reach) along it (Lu, Jaffer and others 2012, from memory).
test.each([
  [0, 1, 30],
  [5, 1, 30 / Math.E],
  [-10, 1, 30 / Math.E ** 2],
  [0, 0.5, 15],
  [0, 0, 0],
])('amid a line, %d from it and at %d of the film, paint comes from %d behind', (d, z, back) => {
  const from = draggedAlong(LINE)(200, d, z) ?? [200, d];
  expect(200 - from[0]).toBeCloseTo(back, 2);
  expect(from[1]).toBe(d);
});

test('round a ring it goes along the ring', () => {
  const ring: DraggedLine = {
    ...LINE,
    points: Array.from({ length: 361 }, (_, a) => [
      100 * Math.cos((a * Math.PI) / 180),
      100 * Math.sin((a * Math.PI) / 180),
    ]),
  };
  const [x, y] = draggedAlong(ring)(-100, 0, 1)!;
  expect(Math.hypot(x, y)).toBeCloseTo(100, 1);
  // Half way round; 30 back along the ring is 17.2°.
  expect((Math.atan2(y, x) * 180) / Math.PI).toBeCloseTo(180 - 17.19, 0);
});

test('nothing beyond its ends moves, and no two places come from one', () => {
  expect(draggedAlong(LINE)(-1, 0, 1)).toBeUndefined();
  expect(draggedAlong(LINE)(200, 26, 1)).toBeUndefined();
  const at = between(0, 400);
  fc.assert(
    fc.property(at, at, between(0, 20), (a, b, d) => {
      const from = (s: number) => (draggedAlong(LINE)(s, d, 1) ?? [s])[0];
      if (Math.abs(a - b) > 0.01) expect(from(a) < from(b)).toBe(a < b);
    }),
  );
});

test('a short stroke takes no more along than it is long', () => {
  const short = { ...LINE, points: [LINE.points[0]!, [20, 0] as const] };
  const [x] = draggedAlong(short)(14, 0, 1)!;
  expect(14 - x).toBeLessThanOrEqual(5 + 1e-6);
});
