import {
  boxOf,
  type Corners,
  findPiece,
  homographyOf,
  type Neutral,
  type Pixels,
  type Place,
  squaredUp,
  through,
} from '@potter/core/photograph';
import { regularPolygon, ringsInBox, type Shape, shapeOf } from '@potter/core/surface';
import { chance, type Flat, handShot, onPhotograph, type Shot } from '@potter/core/camera';
import { cornersOf, taken } from '../../test/taken';

/** What a photograph tells is held against what is known of it: by a camera that shares nothing with what reads its pictures. */
const FULL = 'POTTER_FULL' in globalThis;
const SIZE = [480, 360] as const;
/** 5 px of a photograph of 960 × 720. */
const WITHIN_PX = 2.5;

/** Something like a pour: bands of a few colours, waved, with cells in them; as large as a shape is for its width, or of any of a few proportions. */
function madeFlat(seed: number, shape?: Shape): Flat {
  const random = chance(seed * 31 + 7);
  const long = 360;
  const short = Math.round(long * (0.5 + 0.5 * random()));
  const any = random() < 0.5 ? [long, short] : [short, long];
  const [width, height] = (shape ? sizeOf(shape, long) : any) as [number, number];
  const sides = shape && sidesOf(ringsInBox(shape));
  const colours = Array.from({ length: 3 + Math.floor(random() * 4) }, () =>
    [random(), random(), random()].map((v) => 255 * v ** 1.4),
  );
  const [fx, fy, p, q] = [1 + 4 * random(), 1 + 4 * random(), 6 * random(), 6 * random()];
  const cells = Array.from({ length: 60 }, () => ({
    x: random() * width,
    y: random() * height,
    r: 2 + 14 * random() ** 2,
    colour: Math.floor(random() * colours.length),
  }));
  const rgba = new Uint8ClampedArray(4 * width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const wave =
        3 * Math.sin((fx * x) / width + p + Math.sin((fy * y) / height + q)) +
        2 * Math.cos((fy * y) / width - q);
      const band = ((Math.floor(wave + 6) % colours.length) + colours.length) % colours.length;
      const cell = cells.find((c) => (x - c.x) ** 2 + (y - c.y) ** 2 < c.r * c.r);
      const i = 4 * (y * width + x);
      rgba.set(colours[cell?.colour ?? band]!, i);
      const inside = !sides || liesWithin(sides, (x + 0.5) / width, (y + 0.5) / height);
      rgba[i + 3] = inside ? 255 : 0;
    }
  return { width, height, rgba };
}

type Side = readonly [Place, Place];

const sidesOf = (rings: readonly (readonly Place[])[]): readonly Side[] =>
  rings.flatMap((ring) => ring.map((from, i): Side => [from, ring[(i + 1) % ring.length]!]));

/** Whether an odd number of sides lies to the right of a place. */
function liesWithin(sides: readonly Side[], x: number, y: number): boolean {
  let within = false;
  for (const [[ax, ay], [bx, by]] of sides)
    if (ay > y !== by > y && x < ax + ((y - ay) * (bx - ax)) / (by - ay)) within = !within;
  return within;
}

/** A shape's size in px, its longer side so long. */
function sizeOf(shape: Shape, long: number): [number, number] {
  const { widthMm, heightMm } = shapeOf(shape).bounds(shape);
  const scale = long / Math.max(widthMm, heightMm);
  return [Math.round(widthMm * scale), Math.round(heightMm * scale)];
}

const shotOf = (seed: number, flat: Flat): Shot =>
  handShot(seed, SIZE, flat, seed % 3 === 0 ? 0.3 : 0);

test(
  'corners are found within 5 px of 960 on 95 of 100 made photographs',
  async () => {
    const count = FULL ? 200 : 4;
    let within = 0;
    for (let seed = 0; seed < count; seed++) {
      const flat = madeFlat(seed);
      const shot = shotOf(1000 + seed, flat);
      const found = findPiece(await taken(flat, shot), undefined);
      const off = cornersOf(flat, shot).map(([x, y], i) => {
        const at = found?.[i] ?? [9, 9];
        return Math.hypot(at[0] * SIZE[0] - x, at[1] * SIZE[1] - y);
      });
      if (Math.max(...off) <= WITHIN_PX) within++;
    }
    expect(within / count).toBeGreaterThanOrEqual(0.95);
  },
  FULL ? 900_000 : 60_000,
);

const DISC: Shape = { kind: 'round', diameterMm: 300 };
const ODD: readonly Shape[] = [
  DISC,
  { kind: 'glyphs', text: '27', font: 'bricolage', heightMm: 180 },
  regularPolygon(6, 200),
  regularPolygon(3, 200),
];

test(
  'a rim, and the outline of a piece without corners, are laid on within 5 px of 960 all along on 95 of 100',
  async () => {
    const count = FULL ? 80 : 4;
    let within = 0;
    for (let seed = 0; seed < count; seed++) {
      const shape = ODD[seed % ODD.length]!;
      const flat = madeFlat(seed, shape);
      const shot = shotOf(3000 + seed, flat);
      const rings = ringsInBox(shape);
      const found = findPiece(await taken(flat, shot), rings);
      const onto = found && homographyOf(boxOf(1, 1), found);
      const laid = rings.map((ring) =>
        ring.map((place): Place => {
          const [x, y] = onto ? through(onto, place) : [9, 9];
          return [x * SIZE[0], y * SIZE[1]];
        }),
      );
      // Which of its places lies where cannot be told of a rim: what counts is how far each lies from the true edge.
      const long = Math.max(flat.width, flat.height);
      const off = rings.flatMap((ring) =>
        ring.map(([u, v]) => {
          const [x, y] = [((u - 0.5) * flat.width) / long, ((v - 0.5) * flat.height) / long];
          return Math.min(...laid.map((one) => fromRing(one, onPhotograph(shot, x, y))));
        }),
      );
      if (Math.max(...off) <= WITHIN_PX) within++;
      // Up is up, as far as a hand holds a camera straight.
      const [left, right] = found!;
      expect(right[0] - left[0]).toBeGreaterThan(4 * Math.abs(right[1] - left[1]));
    }
    expect(within / count).toBeGreaterThanOrEqual(0.95);
  },
  FULL ? 900_000 : 60_000,
);

/** How far a place lies from a closed ring's sides. */
const fromRing = (ring: readonly Place[], [x, y]: readonly [number, number]): number =>
  Math.min(
    ...ring.map(([ax, ay], i) => {
      const [bx, by] = ring[(i + 1) % ring.length]!;
      const [ux, uy] = [bx - ax, by - ay];
      const along = ((x - ax) * ux + (y - ay) * uy) / (ux * ux + uy * uy || 1);
      const t = Math.min(1, Math.max(0, along));
      return Math.hypot(x - ax - t * ux, y - ay - t * uy);
    }),
  );

test('squared up it is the piece again: the same colours in the same places, and as light on one side as on the other', async () => {
  const grey: Flat = {
    width: 300,
    height: 200,
    rgba: Uint8ClampedArray.from({ length: 4 * 300 * 200 }, (_, i) => (i % 4 === 3 ? 255 : 150)),
  };
  // A red quarter at the lower right.
  for (let y = 100; y < 200; y++)
    for (let x = 150; x < 300; x++) grey.rgba.set([200, 30, 30], 4 * (y * 300 + x));
  const shot: Shot = { ...shotOf(1, grey), dim: 0.5, dimWay: 0, noise: 1, table: [0.5, 0.5, 0.5] };
  const pixels = await taken(grey, shot);
  const squared = squaredUp(pixels, findPiece(pixels, undefined)!, 150, 100)!;
  const at = (x: number, y: number) => [
    ...squared.rgba.subarray(4 * (150 * y + x), 4 * (150 * y + x) + 3),
  ];
  expect(squared.light).toBe('table');
  const [red, , blue] = at(120, 80);
  expect(red! - blue!).toBeGreaterThan(60);
  const [left, right] = [at(8, 20), at(142, 20)];
  expect(Math.abs(left[1]! - right[1]!)).toBeLessThan(14);
  // Without the table's light it would be much darker on one side.
  const plain = [0, 1].map((side) => {
    const [x, y] = onPhotograph(shot, side === 0 ? -0.47 : 0.47, -0.2);
    return pixels.rgba[4 * (Math.round(y) * SIZE[0] + Math.round(x)) + 1]!;
  });
  expect(Math.abs(plain[0]! - plain[1]!)).toBeGreaterThan(25);
}, 30_000);

test('by something white in it a photograph loses the colour of its light; what is burnt out tells nothing', async () => {
  const lies: Flat = {
    width: 300,
    height: 200,
    rgba: Uint8ClampedArray.from({ length: 4 * 300 * 200 }, (_, i) => (i % 4 === 3 ? 255 : 120)),
  };
  // White paper gives 85 % of the light back: 237 of 255 on a screen (IEC 61966-2-1).
  for (let y = 20; y < 90; y++)
    for (let x = 20; x < 120; x++) lies.rgba.set([237, 237, 237], 4 * (y * 300 + x));
  const shot: Shot = {
    ...shotOf(1, lies),
    dim: 0.25,
    cast: [0.95, 0.85, 0.6],
    noise: 1,
    gloss: 0,
    table: [0.3, 0.24, 0.16],
  };
  const pixels = await taken(lies, shot);
  const [x, y] = onPhotograph(shot, (70 - 150) / 300, (55 - 100) / 300);
  const at: Place = [x / SIZE[0], y / SIZE[1]];
  const corners = cornersOf(lies, shot).map(([u, v]): Place => [u / SIZE[0], v / SIZE[1]]);
  const square = (neutral?: Neutral) =>
    squaredUp(pixels, corners as unknown as Corners, 150, 100, neutral)!;
  const greyOf = ({ rgba }: Pixels) => [...rgba.subarray(4 * (150 * 70 + 110)).subarray(0, 3)];
  const cast = greyOf(square());
  expect(cast[0]! - cast[2]!).toBeGreaterThan(15);
  const told = square({ is: 'white', at });
  expect(told.light).toBe('white');
  for (const byte of greyOf(told)) expect(Math.abs(byte - 120)).toBeLessThan(9);
  // Of grey that gives back 18 % the same place says that all is much darker.
  expect(greyOf(square({ is: 'grey', at }))[1]).toBeLessThan(70);
  const burnt = { ...pixels, rgba: pixels.rgba.map((byte) => Math.min(255, byte * 2)) };
  expect(squaredUp(burnt, corners as unknown as Corners, 15, 10, { is: 'white', at })!.light).toBe(
    'table',
  );
}, 30_000);

test('where there is no piece there are no corners', async () => {
  const nothing: Flat = { width: 300, height: 200, rgba: new Uint8ClampedArray(4 * 300 * 200) };
  expect(findPiece(await taken(nothing, shotOf(5, nothing)), undefined)).toBeUndefined();
}, 30_000);
