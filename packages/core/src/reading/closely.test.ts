import { type Picture, type Planned, readClosely } from '.';

const [WHITE, BLUE, MUDDY] = ['#f4f0e6', '#27408b', '#6b6156'];
const PLANNED: readonly Planned[] = [
  { id: 'white', hex: WHITE },
  { id: 'blue', hex: BLUE },
];
const bytesOf = (hex: string) => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));

/** A picture 120 × 90 mm, two pixels a mm, by the colour of each place; light may fall on it that has a colour. */
function drawn(
  hexAt: (xMm: number, yMm: number) => string,
  light: readonly number[] = [1, 1, 1],
): Picture {
  const [width, height] = [240, 180];
  const rgba = new Uint8ClampedArray(4 * width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const bytes = bytesOf(hexAt(x / 2, y / 2)).map((byte, c) => byte * light[c]!);
      rgba.set([...bytes, 255], 4 * (y * width + x));
    }
  return { width, height, rgba, pxPerMm: 2 };
}

/** Twelve blue discs of 8 mm on white, in rows; none touches another. */
const discs = (x: number, y: number) =>
  Math.hypot((x % 30) - 15, (y % 30) - 15) < 4 ? BLUE : WHITE;

test('cells are counted and measured, shares are what is there, and all of it is something', () => {
  const { shares, unplanned, mud, cells } = readClosely(drawn(discs), PLANNED, { light: 'known' });
  expect(cells.count).toBe(12);
  expect(cells.medianMm).toBeGreaterThan(7.4);
  expect(cells.medianMm).toBeLessThan(8.6);
  expect(cells.spread).toBeLessThan(0.05);
  const blue = (12 * Math.PI * 16) / (120 * 90);
  expect(Math.abs(shares.blue! - blue)).toBeLessThan(0.005);
  expect(shares.white! + shares.blue! + unplanned).toBeCloseTo(1, 9);
  expect(mud).toBe(0);
});

test('a disc cut by the edge, and a long streak, are no cells', () => {
  const odd = (x: number, y: number) =>
    Math.hypot(x, y - 45) < 10 || (y > 20 && y < 24 && x > 40 && x < 100) ? BLUE : WHITE;
  expect(readClosely(drawn(odd), PLANNED, { light: 'known' }).cells.count).toBe(0);
});

test('mirrored it is like itself where it is, and not where it is not', () => {
  const both = readClosely(drawn(discs), PLANNED, { light: 'known' }).symmetry;
  expect(Math.min(...both)).toBeGreaterThan(0.8);
  const [leftRight, topBottom] = readClosely(
    drawn((x, y) => (x > 60 && Math.floor(y / 9) % 2 === 0 ? BLUE : WHITE)),
    PLANNED,
    { light: 'known' },
  ).symmetry;
  expect(leftRight).toBeLessThan(0.2);
  expect(topBottom).toBeLessThan(0.2);
});

test('a lamp’s colour is told by the planned colours, and changes no share', () => {
  const plain = readClosely(drawn(discs), PLANNED, { light: 'known' });
  const lit = readClosely(drawn(discs, [1, 0.92, 0.8]), PLANNED);
  expect(lit.light[2]).toBeGreaterThan(lit.light[0]);
  expect(Math.abs(lit.shares.blue! - plain.shares.blue!)).toBeLessThan(0.01);
  expect(lit.cells.count).toBe(12);
});

test('mud is a blend nobody planned; a planned grey, and what is near it, is none', () => {
  const halves = drawn((x) => (x < 60 ? WHITE : MUDDY));
  expect(readClosely(halves, PLANNED, { light: 'known' }).mud).toBeCloseTo(0.5, 1);
  const grey = readClosely(halves, [...PLANNED, { id: 'grey', hex: '#57606a' }], {
    light: 'known',
  });
  expect(grey.mud).toBe(0);
});

test('a glaze counts as the colour it is of, and a place that was told as what was told', () => {
  const glazed = drawn((x) => (x < 60 ? WHITE : '#c98fb0'));
  const planned = [...PLANNED, { id: 'rose', hex: '#7a1f4b', thinHex: '#cc94b4' }];
  expect(readClosely(glazed, planned, { light: 'known' }).shares.rose).toBeCloseTo(0.5, 1);
  const told = readClosely(
    drawn((x) => (x < 60 ? WHITE : '#3f7a3a')),
    PLANNED,
    {
      light: 'known',
      told: [{ at: [0.75, 0.5], id: 'blue' }],
    },
  );
  expect(told.shares.blue).toBeCloseTo(0.5, 1);
});
