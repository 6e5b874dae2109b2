import * as culori from 'culori';
import Color from 'colorjs.io';
import { hexToLab, linearToOklab } from './lab';
import { decode, encode, hexToLinear, linearToHex } from './srgb';

// IEC 61966-2-1, worked by hand.
test.each([
  [0.5, 0.2140411405],
  [128 / 255, 0.2158605001],
  [10 / 255, 0.0030352698],
])('sRGB %d decodes to %d', (c, l) => expect(decode(c)).toBeCloseTo(l, 9));
test('linear 0.18 encodes to 0.4614', () => expect(encode(0.18)).toBeCloseTo(0.4613561295, 9));
test('a colour survives the way to linear light and back', () => {
  for (const hex of ['#000000', '#ffffff', '#d8a526', '#0a0b0c', '#4a2146'])
    expect(linearToHex(hexToLinear(hex))).toBe(hex);
});

// CIELAB under D65; a white derived from rounded chromaticities differs by up to 0.008.
test.each([
  ['#ff0000', 53.24, 80.09, 67.2],
  ['#00ff00', 87.73, -86.18, 83.18],
  ['#0000ff', 32.3, 79.19, -107.86],
  ['#808080', 53.585, 0, 0],
])('Lab of %s', (hex, l, a, b) => {
  const lab = hexToLab(hex);
  [l, a, b].forEach((v, i) => expect(Math.abs(lab[i]! - v)).toBeLessThan(0.01));
});

test('Lab and OKLab agree with two independent libraries', () => {
  for (const hex of ['#d8a526', '#4a2146', '#8c1d3c', '#3b464e', '#7fa79b']) {
    const lab = culori.lab65(hex)!;
    const mine = hexToLab(hex);
    [lab.l, lab.a, lab.b].forEach((v, i) => expect(Math.abs(mine[i]! - v)).toBeLessThan(0.02));
    const oklab = new Color(hex).to('oklab').coords;
    linearToOklab(hexToLinear(hex)).forEach((v, i) =>
      expect(Math.abs(v - Number(oklab[i]))).toBeLessThan(2e-4),
    );
  }
});
