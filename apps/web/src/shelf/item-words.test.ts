import { found, itemWords } from './item-words';

const paint = {
  kind: 'paint' as const,
  paint: {
    id: 'q',
    name: 'Quince yellow',
    hex: '#d8a526',
    opacity: 'semi-opaque' as const,
    body: 'soft' as const,
    finish: 'satin' as const,
    pigments: ['PY42'],
  },
  maker: 'old box',
};

test('a paint in words', () =>
  expect(itemWords(paint)).toEqual({
    name: 'Quince yellow',
    says: 'semi-opaque, soft, satin, old box',
  }));
test('a cup says what it holds', () =>
  expect(
    itemWords({ kind: 'vessel', id: 'c', vessel: { topMm: 95, bottomMm: 62, heightMm: 98 } }).says,
  ).toBe('holds 481 mL'));
test.each([
  ['quince', true],
  ['yellow soft', true],
  ['PY42', true],
  ['old', true],
  ['quince heavy', false],
  ['', true],
])('"%s" finds it: %s', (search, finds) => expect(found(paint, search)).toBe(finds));
