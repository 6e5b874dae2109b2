import { PIGMENTS } from '../paint/pigment';
import { hexToLab } from './lab';
import { neighbours } from './neighbour';
import { hexToOklch, hueTurn, oklchToHex } from './oklch';
import { RELATIVES, relativesAmong } from './relative';

const start = PIGMENTS.find((p) => p.name.startsWith('turquoise'))!.hex;
const part = (id: string) => RELATIVES.find((r) => r.id === id)!;

test('the darker relative is darker and of the same hue', () => {
  const [from, to] = [hexToOklch(start), hexToOklch(part('darker').target(start))];
  expect(to.l).toBeLessThan(from.l - 0.15);
  expect(hueTurn(from.h, to.h)).toBeLessThan(3);
});

test('the light is nearly white, the neutral nearly grey, the contrast across the wheel', () => {
  expect(hexToLab(part('light').target(start))[0]).toBeGreaterThan(90);
  expect(hexToOklch(part('neutral').target(start)).c).toBeLessThan(0.03);
  const [from, to] = [hexToOklch(start), hexToOklch(part('contrast').target(start))];
  expect(hueTurn(from.h, to.h)).toBeGreaterThan(170);
});

test('a shelf of every pigment plays every part, each with another paint', () => {
  const found = relativesAmong(start, PIGMENTS);
  expect(found.map((f) => f.of?.name).filter(Boolean)).toHaveLength(4);
  expect(new Set(found.map((f) => f.of)).size).toBe(4);
  const contrast = found.find((f) => f.relative.id === 'contrast')!.of!;
  // A contrast that turns to mud where the two touch is none.
  expect(neighbours(start, contrast.hex).mud).toBeLessThan(0.5);
});

test('beside a pale neutral the contrast is colourful', () => {
  const white = PIGMENTS.find((p) => p.name === 'titanium white')!.hex;
  const contrast = relativesAmong(white, PIGMENTS).find((f) => f.relative.id === 'contrast')!;
  expect(hexToOklch(contrast.of!.hex).c).toBeGreaterThan(0.12);
});

test('a part that nothing on the shelf plays stays empty', () => {
  const found = relativesAmong('#d02020', [{ hex: '#c8282a' }, { hex: '#b03030' }]);
  expect(found.find((f) => f.relative.id === 'light')!.of).toBeUndefined();
  expect(relativesAmong('#d02020', []).every((f) => f.of === undefined)).toBe(true);
});

test('a colour outside the gamut keeps lightness and hue and gives up chroma', () => {
  const hex = oklchToHex({ l: 0.7, c: 0.9, h: 145 });
  const { l, h } = hexToOklch(hex);
  expect(l).toBeCloseTo(0.7, 1);
  expect(hueTurn(h, 145)).toBeLessThan(2);
});
