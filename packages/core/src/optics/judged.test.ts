import * as culori from 'culori';
import { judgedBy, JUDGED, NO_GREEN, NO_RED } from './judged';
import { deltaE2000 } from './delta-e';
import { hexToLab } from './lab';

const greyOf = judgedBy('lightness');

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

// culori 4.0.2 has the same published matrices; it is asked for the columns, by the primaries.
test.each([
  ['red', NO_RED, culori.filterDeficiencyProt(1)],
  ['green', NO_GREEN, culori.filterDeficiencyDeuter(1)],
])('the matrix without %s cones is the published one', (_, matrix, theirs) => {
  [0, 1, 2].forEach((column) => {
    const primary = { mode: 'rgb' as const, r: 0, g: 0, b: 0, ['rgb'[column]!]: 1 };
    const { r, g, b } = theirs(primary) as { r: number; g: number; b: number };
    [r, g, b].forEach((v, row) => expect(matrix[row]![column]).toBeCloseTo(v, 5));
  });
});

test('greys stay grey in every way of looking; red and green of one lightness draw together without red cones', () => {
  for (const { of } of JUDGED)
    for (const grey of ['#000000', '#7a7a7a', '#ffffff']) expect(of(grey)).toBe(grey);
  const apart = (of: (hex: string) => string) =>
    deltaE2000(hexToLab(of('#b0442c')), hexToLab(of('#4f7a2c')));
  expect(apart(judgedBy('no-red'))).toBeLessThan(0.6 * apart(judgedBy('colour')));
});
