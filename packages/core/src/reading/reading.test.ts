import fc from 'fast-check';
import { type Picture, readPicture } from '.';

const bytesOf = (hex: string) => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));

/** A picture whose colour is asked for at every pixel, 2 px a mm; undefined off the piece. */
function drawn(
  width: number,
  height: number,
  hexAt: (x: number, y: number) => string | undefined,
): Picture {
  const rgba = new Uint8ClampedArray(4 * width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const hex = hexAt(x, y);
      if (hex) rgba.set([...bytesOf(hex), 255], 4 * (y * width + x));
    }
  return { width, height, rgba, pxPerMm: 2 };
}

const [WHITE, BLUE, BLACK] = ['#f4f0e6', '#27408b', '#101010'];
const stripes = (mm: number) =>
  drawn(240, 240, (x) => (Math.floor(x / (2 * mm)) % 2 ? WHITE : BLUE));

test('one colour is calm, and has no bands', () => {
  const read = readPicture(
    drawn(120, 120, () => WHITE),
    [WHITE],
  );
  expect(read.calm).toBe(1);
  expect(read).not.toHaveProperty('widthMm');
  expect(read.unplanned).toBe(0);
  expect(read.balance[0]).toBeCloseTo(0, 6);
});

test.each([4, 8, 15])('stripes of %d mm are told as wide, halved by lines along them', (mm) => {
  const { widthMm, borderMm, calm } = readPicture(stripes(mm), [WHITE, BLUE]);
  // Along rows there is a border every stripe, along columns there is none: half of all that is walked.
  expect(widthMm! / (2 * mm)).toBeGreaterThan(0.85);
  expect(widthMm! / (2 * mm)).toBeLessThan(1.2);
  expect(borderMm).toBeLessThan(0.8);
  // Calm where no border is within 3 mm: on both sides of each.
  expect(Math.abs(calm - Math.max(0, 1 - 6 / mm))).toBeLessThan(0.08);
});

test('soft borders are told wider than hard ones', () => {
  const soft = drawn(240, 240, (x) => {
    const share = 0.5 + 0.5 * Math.max(-1, Math.min(1, Math.sin((x * Math.PI) / 20) * 2));
    const mix = bytesOf(WHITE).map((byte, k) =>
      Math.round(byte + (bytesOf(BLUE)[k]! - byte) * share),
    );
    return `#${mix.map((byte) => byte.toString(16).padStart(2, '0')).join('')}`;
  });
  expect(readPicture(soft, [WHITE, BLUE]).borderMm).toBeGreaterThan(
    1.5 * readPicture(stripes(10), [WHITE, BLUE]).borderMm!,
  );
});

test('what nobody planned is told, and mud of it', () => {
  const halves = drawn(120, 120, (x) => (x < 60 ? WHITE : x < 90 ? '#5a554e' : '#2f8f3f'));
  const read = readPicture(halves, [WHITE, BLUE]);
  expect(read.unplanned).toBeCloseTo(0.5, 1);
  expect(read.mud).toBeCloseTo(0.25, 1);
  expect(readPicture(halves, [WHITE, '#5a554e', '#2f8f3f']).unplanned).toBe(0);
});

test('the eye goes where the contrast is, darkness weighs where it lies', () => {
  const busy = drawn(180, 180, (x, y) =>
    x > 120 && y < 60 ? ((x + y) % 20 < 10 ? BLACK : WHITE) : WHITE,
  );
  const { focus, balance, ninths } = readPicture(busy, [WHITE, BLACK]);
  expect(focus.ninth).toBe(2);
  expect(focus.times).toBeGreaterThan(6);
  expect(ninths.reduce((a, b) => a + b)).toBeCloseTo(1, 9);
  expect(balance[0]).toBeGreaterThan(0.2);
  expect(balance[1]).toBeLessThan(-0.2);
});

test('what lies off the piece counts for nothing', () => {
  const round = (off: string | undefined) =>
    drawn(160, 160, (x, y) =>
      Math.hypot(x - 80, y - 80) < 76 ? (Math.floor(x / 16) % 2 ? WHITE : BLUE) : off,
    );
  const read = readPicture(round(undefined), [WHITE, BLUE]);
  expect(read.unplanned).toBe(0);
  expect(readPicture(round('#2f8f3f'), [WHITE, BLUE]).unplanned).toBeGreaterThan(0.15);
});

test('any picture is read to figures that are shares', () => {
  fc.assert(
    fc.property(fc.uint8Array({ minLength: 4 * 64, maxLength: 4 * 64 }), (bytes) => {
      const picture = { width: 8, height: 8, rgba: Uint8ClampedArray.from(bytes), pxPerMm: 1 };
      const { calm, unplanned, mud, ninths } = readPicture(picture, [WHITE]);
      for (const share of [calm, unplanned, mud, ...ninths]) {
        expect(share).toBeGreaterThanOrEqual(0);
        expect(share).toBeLessThanOrEqual(1 + 1e-9);
      }
      expect(mud).toBeLessThanOrEqual(unplanned);
    }),
  );
});
