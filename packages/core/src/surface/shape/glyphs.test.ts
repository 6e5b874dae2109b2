import { covers } from '../outline/covers';
import { FONTS } from '../font';
import { measureSurface } from '../measure';
import { plainSurface } from '../plain';
import { glyphs, type Glyphs } from './glyphs';

const cut = (text: string, heightMm = 150, font: Glyphs['font'] = 'hyperlegible'): Glyphs => ({
  kind: 'glyphs',
  text,
  font,
  heightMm,
});

// An independent count: points of a fine lattice that lie on the face, at a tenth of a millimetre of the letter.
test.each(['H', 'O', 'Q', '8', '4', '&', 'Ä', 'g', 'R'])('the area of %s by a raster', (letter) => {
  for (const font of ['hyperlegible', 'bricolage'] as const) {
    const shape = cut(letter, 150, font);
    const rings = glyphs.rings(shape);
    const { widthMm, heightMm } = glyphs.bounds(shape);
    const step = 0.5;
    let count = 0;
    for (let y = step / 2; y < heightMm; y += step)
      for (let x = step / 2; x < widthMm; x += step) if (covers(rings, x, y)) count++;
    expect(glyphs.areaMm2(shape) / (count * step * step)).toBeCloseTo(1, 2);
  }
});

test('a capital is as high as was asked, and area grows with the square of the height', () => {
  expect(glyphs.bounds(cut('H', 200)).heightMm).toBeCloseTo(200, 0);
  expect(glyphs.areaMm2(cut('HO', 300)) / glyphs.areaMm2(cut('HO', 100))).toBeCloseTo(9, 6);
});

test('every character of every font can be cut: sound rings, limbs on its face', () => {
  for (const [font, { characters }] of Object.entries(FONTS))
    for (const character of characters) {
      const shape = cut(character, 200, font as Glyphs['font']);
      expect([character, glyphs.fault(shape)]).toEqual([character, undefined]);
      const limbs = glyphs.limbs(shape);
      expect(limbs.length).toBeGreaterThan(0);
      for (const { alongMm } of limbs) {
        const [x, y] = alongMm[alongMm.length >> 1]!;
        expect([character, covers(glyphs.rings(shape), x, y)]).toEqual([character, true]);
      }
    }
});

// Strokes as a hand would count them.
test.each([
  ['I', 'bricolage', 1],
  ['L', 'hyperlegible', 2],
  ['T', 'hyperlegible', 2],
  ['V', 'hyperlegible', 2],
  ['O', 'hyperlegible', 2],
  ['H', 'hyperlegible', 3],
  ['A', 'hyperlegible', 3],
  ['F', 'hyperlegible', 3],
  ['E', 'hyperlegible', 4],
  ['7', 'hyperlegible', 2],
] as const)('%s in %s has %d strokes', (letter, font, strokes) =>
  expect(glyphs.limbs(cut(letter, 150, font))).toHaveLength(strokes),
);

test('limbs are named after their letter, and letters that come again are told apart', () => {
  const { limbs } = measureSurface(plainSurface(cut('LL')));
  expect(limbs).toEqual(['L.1', 'L.2', 'L2.1', 'L2.2']);
});

test('letters stand beside each other without touching', () => {
  const one = glyphs.bounds(cut('7')).widthMm;
  expect(glyphs.bounds(cut('77')).widthMm).toBeCloseTo(2 * one + 0.15 * 150, 6);
  expect(glyphs.areaMm2(cut('77'))).toBeCloseTo(2 * glyphs.areaMm2(cut('7')), 6);
});

test('a letter nobody drew is named', () =>
  expect(glyphs.fault(cut('A漢'))).toMatch(/no outline for "漢"/));

test('a cup for every stroke stands on that stroke', () => {
  const shape = cut('H');
  const spots = glyphs.spots(shape, 3);
  expect(new Set(spots.map(String)).size).toBe(3);
  for (const [x, y] of spots) expect(covers(glyphs.rings(shape), x, y)).toBe(true);
  expect(glyphs.spots(shape, 5)).toHaveLength(5);
});
