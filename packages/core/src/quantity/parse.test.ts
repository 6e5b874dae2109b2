import { parseAmount, parseNumber, parseQuantity, parseSize } from './parse';

const value = <T>(parsed: { ok: true; value: T } | { ok: false; fault: string }): T => {
  if (!parsed.ok) throw new Error(parsed.fault);
  return parsed.value;
};
const fault = (parsed: { ok: true } | { ok: false; fault: string }): string =>
  parsed.ok ? 'no fault' : parsed.fault;

test.each([
  ['12', 12],
  ['1.5', 1.5],
  ['1,5', 1.5],
  ['.5', 0.5],
  ['1/2', 0.5],
  ['1 1/2', 1.5],
  ['1½', 1.5],
  ['⅜', 0.375],
  ['-3', -3],
  ['−3', -3],
])('"%s" is %d', (text, number) => expect(value(parseNumber(text))).toBe(number));

test('a comma before three digits could be two numbers and is refused with both', () =>
  expect(fault(parseNumber('1,200'))).toBe('"1,200" could be two numbers: write 1200 or 1.200.'));
test.each(['', 'two', '1/0', '1..2', '1e3'])('"%s" is no number', (text) =>
  expect(parseNumber(text).ok).toBe(false),
);

test('16 oz is fluid where a volume is asked and avoirdupois where a mass is', () => {
  expect(value(parseQuantity('16 oz', 'volume', 'ml'))).toBeCloseTo(473.176473, 6);
  expect(value(parseQuantity('16 oz', 'mass', 'g'))).toBeCloseTo(453.59237, 6);
});

test.each([
  ['40', 'length', 'cm', 400],
  ['1 1/2 in', 'length', 'cm', 38.1],
  ['1½"', 'length', 'cm', 38.1],
  ['12 imp fl oz', 'volume', 'ml', 340.95675],
  ['2 cups', 'volume', 'ml', 473.176473],
  ['0.25 l', 'volume', 'ml', 250],
  ['96.4', 'mass', 'g', 96.4],
  ['1 lb', 'mass', 'g', 453.59237],
] as const)('%s as %s, %s where nothing is typed', (text, dimension, bare, base) =>
  expect(value(parseQuantity(text, dimension, bare))).toBeCloseTo(base, 6),
);

test('a unit of another dimension is refused with those that fit', () =>
  expect(fault(parseQuantity('3 ml', 'mass', 'g'))).toBe(
    '"ml" is no unit of mass: use g, kg, oz or lb.',
  ));

test.each([
  ['40 x 50 cm', { kind: 'rect', widthMm: 400, heightMm: 500 }],
  ['40x50', { kind: 'rect', widthMm: 400, heightMm: 500 }],
  ['16 in × 20 in', { kind: 'rect', widthMm: 406.4, heightMm: 508 }],
  ['400 by 500 mm', { kind: 'rect', widthMm: 400, heightMm: 500 }],
  ['1 1/2 x 2 in', { kind: 'rect', widthMm: 38.1, heightMm: 50.8 }],
  ['30 cm round', { kind: 'round', diameterMm: 300 }],
  ['ø 12 in', { kind: 'round', diameterMm: 304.8 }],
  ['30 x 20 cm oval', { kind: 'oval', widthMm: 300, heightMm: 200 }],
])('the size "%s"', (text, size) => expect(value(parseSize(text, 'cm'))).toEqual(size));

test.each([
  ['40', /both sides/],
  ['', /Type a size/],
  ['10 x 20 x 30', /more than two sides/],
  ['40 x 0 cm', /longer than nothing/],
  ['40 x 50 kg', /no unit of length/],
])('the size "%s" is refused: %s', (text, says) =>
  expect(fault(parseSize(text, 'cm'))).toMatch(says),
);

describe('amounts of paint may be told by mass or by volume', () => {
  const of = { gPerMl: 1.1 };
  const read = (
    text: string,
    dimension: 'mass' | 'volume',
    more: { readonly onScale?: boolean } = {},
  ) => parseAmount(text, dimension, dimension === 'mass' ? 'g' : 'ml', { ...of, ...more });

  // Handbook 11 (common practice, no published source): ounces of paint are meant fluid.
  test('ounces of paint are fluid, on a scale they are of mass', () => {
    expect(read('12 oz', 'mass')).toEqual({ ok: true, value: expect.closeTo(390.37, 2) });
    expect(read('12 oz', 'mass', { onScale: true })).toEqual({
      ok: true,
      value: expect.closeTo(340.194, 3),
    });
    expect(read('12 oz', 'volume')).toEqual({ ok: true, value: expect.closeTo(354.882, 3) });
  });

  test('either unit in either field, by the density; bare figures are the field’s own', () => {
    expect(read('100 mL', 'mass')).toEqual({ ok: true, value: 110 });
    expect(read('110 g', 'volume')).toEqual({ ok: true, value: 100 });
    expect(read('100', 'mass')).toEqual({ ok: true, value: 100 });
  });

  test('what is a unit of neither is refused with those that are', () =>
    expect(read('3 in', 'mass')).toEqual({
      ok: false,
      fault: expect.stringMatching(/^"in" is no unit of mass or volume: use g, kg, oz, lb, ml, /),
    }));
});
