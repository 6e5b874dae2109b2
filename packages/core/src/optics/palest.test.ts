import { darkestOf, palestOf } from './palest';

const hexes = ['#808080', '#ffffff', '#101010', '#fefefe'];
const same = (hex: string) => hex;

test('by lightness, whatever the hue: yellow is paler than blue', () => {
  expect(palestOf(hexes, same)).toBe('#ffffff');
  expect(darkestOf(hexes, same)).toBe('#101010');
  expect(palestOf(['#0000ff', '#ffff00', '#ff0000'], same)).toBe('#ffff00');
});

test('the first of equals, and none of none', () => {
  const twins = [
    { id: 'a', hex: '#aaaaaa' },
    { id: 'b', hex: '#aaaaaa' },
  ];
  expect(palestOf(twins, (t) => t.hex)?.id).toBe('a');
  expect(darkestOf(twins, (t) => t.hex)?.id).toBe('a');
  expect(palestOf([], same)).toBeUndefined();
});
