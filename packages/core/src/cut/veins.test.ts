import { type Picture, tilesOf } from '../reading';
import { findCuts } from '.';
import { veinsOf } from './veins';

/** 80 × 60 mm, two pixels a mm. */
function drawn(at: (xMm: number, yMm: number) => readonly [number, number, number]): Picture {
  const [width, height] = [160, 120];
  const rgba = new Uint8ClampedArray(4 * width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      rgba.set([...at((x + 0.5) / 2, (y + 0.5) / 2), 255], 4 * (y * width + x));
  return { width, height, rgba, pxPerMm: 2 };
}
const CREAM = [230, 220, 200] as const;
const INK = [30, 40, 90] as const;
const lengthMm = (picture: Picture) => veinsOf(tilesOf(picture)).reduce((sum, one) => sum + one, 0);

/** A line through the middle, `long` from end to end, at an angle. */
const line = (long: number, wide: number, degrees: number) =>
  drawn((x, y) => {
    const [u, v] = [x - 40, y - 30];
    const [c, s] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
    return Math.abs(u * c + v * s) < long / 2 && Math.abs(v * c - u * s) < wide / 2 ? INK : CREAM;
  });

test.each([
  [2, 0],
  [4, 0],
  [2, 90],
  [3, 45],
  [4, -45],
  [3, 20],
  [2, 70],
])('a vein %p mm wide at %p° is as long as it was drawn', (wide, degrees) => {
  // Its ends tell nothing over a little more than its width: there it does not run on to both sides.
  const told = lengthMm(line(44, wide, degrees));
  expect(told).toBeGreaterThan(44 - 2 * (wide + 2));
  expect(told).toBeLessThan(44 * 1.06);
});

test('a field, the border of two, a cell, a short line and specks in rows are none', () => {
  expect(lengthMm(line(44, 9, 0))).toBe(0);
  expect(lengthMm(drawn((x) => (x < 40 ? INK : CREAM)))).toBe(0);
  expect(lengthMm(drawn((x, y) => (Math.hypot(x - 40, y - 30) < 3 ? INK : CREAM)))).toBe(0);
  expect(lengthMm(line(14, 2, 0))).toBe(0);
  const specks = drawn((x, y) => (Math.hypot((x % 8) - 4, (y % 8) - 4) < 1.5 ? INK : CREAM));
  expect(lengthMm(specks)).toBe(0);
});

test('of two places alike the cut is where the vein runs through, and says how long it is', () => {
  // Specks left and right alike; right a vein among them.
  const picture = drawn((x, y) => {
    if (x > 40 && Math.abs(y - 30 - (x - 60) / 3) < 1.5) return INK;
    return Math.hypot((x % 8) - 4, (y % 8) - 4) < 1.5 ? INK : CREAM;
  });
  const [cut] = findCuts(picture, {
    kind: 'rect',
    widthMm: 30,
    heightMm: 24,
    count: 1,
    mayTurn: false,
    avoidMm: [],
  });
  expect(cut!.veinMm).toBeGreaterThan(20);
  expect(cut!.veinMm).toBeLessThan(40);
});
