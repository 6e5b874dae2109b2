import { greyOf } from './grey';
import { hexToLab } from './lab';

// IEC 61966-2-1: pure green carries 0.7152 of the luminance, red 0.2126, blue 0.0722; encoded 0.7152 → 220, 0.2126 → 127, 0.0722 → 76.
test.each([
  ['#00ff00', '#dcdcdc'],
  ['#ff0000', '#7f7f7f'],
  ['#0000ff', '#4c4c4c'],
  ['#ffffff', '#ffffff'],
  ['#808080', '#808080'],
])('%s is as light as %s', (hex, grey) => expect(greyOf(hex)).toBe(grey));

test('lightness stays, hue goes', () => {
  for (const hex of ['#d8a526', '#4a2146', '#7fa79b']) {
    const [l, a, b] = hexToLab(greyOf(hex));
    expect(l).toBeCloseTo(hexToLab(hex)[0], 0);
    expect(Math.hypot(a, b)).toBeLessThan(0.6);
  }
});
