import { hexToLinear, linearToXyz, type Rgb } from '../optics/srgb';
import { hexToLab, xyzToLab } from '../optics/lab';
import { labelled } from './labelled';
import { UNPLANNED } from './labels';
import type { Tiles } from './tiles';

const [BROWN, SLATE, CREAM] = ['#4b3325', '#3b464e', '#ece5d6'] as const;
const HEXES = [BROWN, SLATE, CREAM];
const SIDE = 120;

/** A picture of half-millimetre squares, each of a colour in linear light. */
function drawn(lightAt: (x: number, y: number) => readonly number[]): Tiles {
  const light = new Float32Array(3 * SIDE * SIDE);
  const lab = new Float32Array(light.length);
  for (let i = 0; i < SIDE * SIDE; i++) {
    const rgb = lightAt(i % SIDE, Math.floor(i / SIDE)) as Rgb;
    light.set(rgb, 3 * i);
    lab.set(xyzToLab(linearToXyz(rgb)), 3 * i);
  }
  return { across: SIDE, down: SIDE, mm: 0.5, light, lab, on: new Uint8Array(SIDE * SIDE).fill(1) };
}

const labels = (tiles: Tiles, shone: readonly string[] = HEXES) =>
  labelled(
    tiles,
    HEXES.map((hex, of) => ({ of, lab: hexToLab(hex) })),
    shone,
  );

const shareOf = (label: Uint8Array, of: number) =>
  label.reduce((count, one) => count + Number(one === of), 0) / label.length;

/** A window that shines over the middle, as white light: no lamp's reflection has an edge where the camera looks at the paint. */
const window = (x: number, y: number) =>
  0.25 * Math.exp(-(((x - 60) / 22) ** 2) - ((y - 60) / 18) ** 2);
const under = (hex: string, more: number) => hexToLinear(hex).map((v) => v + more);

test('brown with a window shining in it is brown, though in the middle it looks grey', () => {
  const tiles = drawn((x, y) => under(BROWN, window(x, y)));
  expect(shareOf(labels(tiles, []), 0)).toBeLessThan(0.9);
  expect(shareOf(labels(tiles), 0)).toBe(1);
});

test('a band of another colour under the window stays that colour', () => {
  const tiles = drawn((x, y) => under(Math.abs(x - 66) < 6 ? SLATE : BROWN, window(x, y)));
  const told = labels(tiles);
  expect(shareOf(told, 1)).toBeCloseTo(11 / SIDE, 1.5);
  expect(shareOf(told, 0) + shareOf(told, 1)).toBeGreaterThan(0.995);
});

test('a blend that grows paler from side to side is no shine: it does not fade again', () => {
  const [from, to] = [hexToLinear(BROWN), hexToLinear(CREAM)];
  const tiles = drawn((x) => from.map((v, c) => v + (x / (SIDE - 1)) * 0.5 * (to[c]! - v)));
  const told = labels(tiles);
  expect(shareOf(told, UNPLANNED)).toBeCloseTo(shareOf(labels(tiles, []), UNPLANNED), 1.5);
  expect(shareOf(told, UNPLANNED)).toBeGreaterThan(0.5);
});
