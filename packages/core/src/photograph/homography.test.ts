import fc from 'fast-check';
import { between } from '../between.test-data';
// @ts-expect-error It has no types of its own.
import perspective from 'perspective-transform';
import { type Corners, homographyOf, type Place, pictureFault, through } from '.';

const UNIT: Corners = [
  [0, 0],
  [1, 0],
  [1, 1],
  [0, 1],
];
const near = between(-0.2, 0.2);
/** Four corners as a hand that leans a camera gets them. */
const leaning = fc
  .array(near, { minLength: 8, maxLength: 8 })
  .map(
    (off) => UNIT.map(([x, y], i) => [x + off[2 * i]!, y + off[2 * i + 1]!]) as unknown as Corners,
  );

test('corners go to corners, and a place within where the reference package takes it', () => {
  const share = between(0, 1);
  fc.assert(
    fc.property(leaning, leaning, share, share, (from, to, x, y) => {
      const way = homographyOf(from, to)!;
      from.forEach((corner, i) => {
        const [u, v] = through(way, corner);
        expect(Math.hypot(u - to[i]![0], v - to[i]![1])).toBeLessThan(1e-9);
      });
      const theirs = perspective(from.flat(), to.flat()).transform(x, y) as Place;
      const ours = through(way, [x, y]);
      expect(Math.hypot(ours[0] - theirs[0], ours[1] - theirs[1])).toBeLessThan(1e-5);
    }),
  );
});

test('there and back again is where it was', () => {
  fc.assert(
    fc.property(leaning, near, near, (to, x, y) => {
      const there = through(homographyOf(UNIT, to)!, [x + 0.5, y + 0.5]);
      const back = through(homographyOf(to, UNIT)!, there);
      expect(Math.hypot(back[0] - x - 0.5, back[1] - y - 0.5)).toBeLessThan(1e-8);
    }),
  );
});

test('three corners in a line have none', () => {
  const line: Corners = [
    [0, 0],
    [0.5, 0.5],
    [1, 1],
    [0, 1],
  ];
  expect(homographyOf(UNIT, line) && homographyOf(line, UNIT)).toBeUndefined();
});

test('what is refused says why and what to do', () => {
  expect(pictureFault({ type: 'heic', width: 1, height: 1 })).toMatch(/Set the camera to JPEG/);
  expect(pictureFault({ type: 'gif', width: 1, height: 1 })).toMatch(/no JPEG, PNG or WebP/);
  expect(pictureFault({ type: 'png', width: 50_000, height: 50_000 })).toMatch(/2500 million/);
  expect(pictureFault({ type: 'jpg', width: 4000, height: 3000 })).toBeUndefined();
});
