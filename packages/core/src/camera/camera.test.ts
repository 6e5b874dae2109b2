import { decode, encode } from '../optics/srgb';
import { exposed } from './exposed';
import type { Flat } from './flat';
import { shadeOf } from './shade';
import { handShot, type Shot } from './shot';
import { onPhotograph } from './standing';

const SIZE = { width: 120, height: 90 } as const;
/** A piece of one colour, with a dot of another. */
function piece(rgb: readonly number[], dot?: { x: number; y: number; r: number }): Flat {
  const rgba = new Uint8ClampedArray(4 * SIZE.width * SIZE.height);
  for (let i = 0; i < SIZE.width * SIZE.height; i++) {
    const [x, y] = [i % SIZE.width, Math.floor(i / SIZE.width)];
    const inDot = dot && Math.hypot(x + 0.5 - dot.x, y + 0.5 - dot.y) < dot.r;
    rgba.set(inDot ? [255, 255, 255, 255] : [...rgb, 255], 4 * i);
  }
  return { ...SIZE, rgba };
}
const shots = [1, 2, 3].map((seed): Shot => ({
  ...handShot(seed, [240, 180], SIZE, 0),
  noise: 0,
  dim: 0,
}));
const at = ({ width, rgba }: Flat, x: number, y: number) =>
  [...rgba.subarray(4 * (Math.round(y) * width + Math.round(x)))].slice(0, 3);

test.each(shots)('a dot falls where it is said to, in shot $seed', (shot) => {
  const dot = { x: 90, y: 30, r: 4 };
  const { width, height, rgba } = exposed(piece([10, 10, 10], dot), {
    ...shot,
    table: [0.02, 0.02, 0.02],
  });
  let [sum, x, y] = [0, 0, 0];
  for (let i = 0; i < width * height; i++)
    if (rgba[4 * i + 1]! > 128) {
      sum++;
      x += (i % width) + 0.5;
      y += Math.floor(i / width) + 0.5;
    }
  const [atX, atY] = onPhotograph(shot, (dot.x - 60) / 120, (dot.y - 45) / 120);
  expect(Math.hypot(x / sum - atX, y / sum - atY)).toBeLessThan(0.7);
});

test('in even white light its colour is its own', () => {
  const shot: Shot = { ...shots[0]!, cast: [1, 1, 1] };
  const [x, y] = onPhotograph(shot, 0, 0);
  expect(at(exposed(piece([200, 90, 40]), shot), x, y)).toEqual([200, 90, 40]);
});

test('the light’s own colour is on it, and its dim side is dim', () => {
  const shot: Shot = { ...shots[0]!, cast: [1, 1, 0.5], dim: 0.6, dimWay: 0, turn: 0 };
  const photograph = exposed(piece([128, 128, 128]), shot);
  const [left, right] = [-0.3, 0.3].map((x) => at(photograph, ...onPhotograph(shot, x, 0)));
  // Of the light 1 − 0.6 (1 ± 0.3 / 0.7) / 2 is left, and of its blue half that.
  const dimmed = (share: number) => 255 * encode(share * decode(128 / 255));
  for (const [side, share] of [
    [left!, 1 - 0.3 * (1 - 0.3 / 0.7)],
    [right!, 1 - 0.3 * (1 + 0.3 / 0.7)],
  ] as const) {
    expect(Math.abs(side[0]! - dimmed(share))).toBeLessThan(2);
    expect(Math.abs(side[2]! - dimmed(share / 2))).toBeLessThan(2);
  }
});

test('a piece shades the table near it, and less the further from it', () => {
  const shade = shadeOf(piece([0, 0, 0]));
  const away = [0.3, 0.49, 0.51, 0.53, 0.56].map((x) => shade(x, 0));
  for (let n = 1; n < away.length; n++) expect(away[n]).toBeLessThan(away[n - 1]!);
  expect(away[0]).toBeCloseTo(1, 3);
  expect(shade(2, 0)).toBe(0);
});

test('one seed takes one photograph; the next from its stand differs by noise', () => {
  const shot = handShot(5, [80, 60], SIZE, 0.3);
  expect(exposed(piece([9, 80, 200]), shot).rgba).toEqual(exposed(piece([9, 80, 200]), shot).rgba);
  const [one, two] = [0, 1].map((nth) => exposed(piece([9, 80, 200]), { ...shot, nth }).rgba);
  const off = one!.map((v, i) => Math.abs(v - two![i]!));
  expect(Math.max(...off)).toBeGreaterThan(0);
  expect(Math.max(...off)).toBeLessThan(5 * shot.noise);
});
