import { inches, percent, show, trim } from './show';

test.each([
  [800, 'g', '800 g'],
  [7.64, 'g', '7.6 g'],
  [0, 'g', '0 g'],
  [96.4, 'ml', '96 mL'],
  [29.5735295625, 'us-floz', '1 US fl oz'],
  [500, 'cm', '50 cm'],
  [1234.5, 'us-floz', '41.74 US fl oz'],
] as const)('%d in %s is %s', (amount, unit, shown) => expect(show(amount, unit)).toBe(shown));

test('no figure ever shows a negative nothing', () => expect(trim(-0.001, 1)).toBe('0'));

test.each([
  [400, '15 3/4'],
  [406.4, '16'],
  [38.1, '1 1/2'],
  [6.35, '1/4'],
  [0, '0'],
])('%d mm is %s inches', (mm, shown) => expect(inches(mm)).toBe(shown));

test('a share is told in whole hundredths, and something is never told as nothing', () => {
  expect([0, 0.004, 0.0099, 0.01, 0.125, 0.994, 1].map(percent)).toEqual([
    '0 %',
    '< 1 %',
    '< 1 %',
    '1 %',
    '13 %',
    '99 %',
    '100 %',
  ]);
});
