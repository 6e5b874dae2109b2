import { deltaE2000 } from './delta-e';
import { dominantColours } from './dominant';
import { hexToLab } from './lab';

/** A picture of so many pixels of each colour, each channel off by up to `noise` in a fixed pattern. */
const picture = (parts: readonly (readonly [string, number])[], noise = 0): Uint8ClampedArray =>
  Uint8ClampedArray.from(
    parts.flatMap(([hex, n]) =>
      Array.from({ length: n }, (_, i) => [
        ...[1, 3, 5].map(
          (at, k) => parseInt(hex.slice(at, at + 2), 16) + ((i * 7 + k * 3) % 3) * noise - noise,
        ),
        255,
      ]).flat(),
    ),
  );

test('finds the colours a picture was made of, with their shares, largest first', () => {
  const parts = [
    ['#d8a526', 500],
    ['#3b464e', 300],
    ['#ece5d6', 200],
  ] as const;
  const found = dominantColours(picture(parts, 6), 3);
  expect(found.map((d) => d.share)).toEqual([0.5, 0.3, 0.2]);
  found.forEach((d, i) =>
    expect(deltaE2000(hexToLab(d.hex), hexToLab(parts[i]![0]))).toBeLessThan(1.5),
  );
});

test('a small but unlike colour is not swallowed', () => {
  const found = dominantColours(
    picture(
      [
        ['#203040', 960],
        ['#f03020', 40],
      ],
      4,
    ),
    2,
  );
  expect(deltaE2000(hexToLab(found[1]!.hex), hexToLab('#f03020'))).toBeLessThan(3);
});

test('a flat picture has one colour however many are asked', () =>
  expect(dominantColours(picture([['#7fa79b', 64]]), 6)).toEqual([{ hex: '#7fa79b', share: 1 }]));

test('what is transparent is not looked at', () => {
  const rgba = picture([
    ['#ff0000', 4],
    ['#0000ff', 4],
  ]);
  for (let i = 0; i < 4; i++) rgba[i * 4 + 3] = 0;
  expect(dominantColours(rgba, 3)).toEqual([{ hex: '#0000ff', share: 1 }]);
  expect(dominantColours(new Uint8ClampedArray(4), 3)).toEqual([]);
});

test('the same picture gives the same colours', () => {
  const rgba = picture(
    [
      ['#8a2146', 300],
      ['#d8a526', 200],
      ['#101820', 100],
    ],
    20,
  );
  expect(dominantColours(rgba, 4)).toEqual(dominantColours(rgba, 4));
});
