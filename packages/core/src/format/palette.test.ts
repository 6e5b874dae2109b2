import fc from 'fast-check';
import { readPalette, writeCss, writeGpl, writePaletteCsv } from './palette';

const ORCHARD = [
  { name: 'Oat milk', hex: '#ece5d6' },
  { name: 'Slate', hex: '#3b464e' },
];

test('a GIMP palette as its users know it', () =>
  expect(writeGpl('Quince and Slate', ORCHARD)).toBe(
    'GIMP Palette\nName: Quince and Slate\nColumns: 0\n#\n236 229 214\tOat milk\n 59  70  78\tSlate\n',
  ));

test('CSS custom properties, each name once', () =>
  expect(writeCss([...ORCHARD, { name: 'Oat-milk!', hex: '#ffffff' }])).toBe(
    ':root {\n  --oat-milk: #ece5d6;\n  --slate: #3b464e;\n  --oat-milk-2: #ffffff;\n}\n',
  ));

test('what others write is read: other spacing, comments, short colours, no names', () => {
  expect(
    readPalette('GIMP Palette\r\nName: x\r\n# c\r\n255 0   0 Red\r\n0 0 0\r\n').colours,
  ).toEqual([
    { name: 'Red', hex: '#ff0000' },
    { name: '#000000', hex: '#000000' },
  ]);
  expect(readPalette(':root{--deep-plum:#4A2146;--w:#fff}').colours).toEqual([
    { name: 'Deep plum', hex: '#4a2146' },
    { name: 'W', hex: '#ffffff' },
  ]);
  expect(readPalette('hex;name\nd8a526;Quince\n').colours).toEqual([
    { name: 'Quince', hex: '#d8a526' },
  ]);
});

test.each([
  ['GIMP Palette\n1 2 300 x', 'line 2', /0 to 255/],
  [':root{\n--a: red;\n}', 'line 2', /such as #d8a526/],
  ['name,hex\nA,#12345', 'line 2', /#d8a526/],
  ['name,colour\nA,#123456', 'line 1', /no column "hex"/],
  ['GIMP Palette\n#\n', 'the file', /no colours/],
  ['\u0000PNG', 'the file', /no text/],
  ['x'.repeat(300_000), 'the file', /too large/],
])('%j is refused with the place', (text, path, message) => {
  const { colours, faults } = readPalette(text);
  expect(colours).toEqual([]);
  expect(faults[0]).toMatchObject({ path, message: expect.stringMatching(message) });
});

test('any palette survives the round through each of the three', () => {
  const colour = fc.record({
    name: fc
      .string({ minLength: 1, maxLength: 30 })
      .map((s) => s.replace(/\s+/g, ' ').trim())
      .filter((s) => s !== '' && !s.includes('\u0000') && !/^['\uFEFF]/.test(s)),
    hex: fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`),
  });
  fc.assert(
    fc.property(fc.array(colour, { minLength: 1, maxLength: 12 }), (colours) => {
      expect(readPalette(writeGpl('Any', colours)).colours).toEqual(colours);
      expect(readPalette(writePaletteCsv(colours)).colours).toEqual(colours);
      expect(readPalette(writeCss(colours)).colours.map((c) => c.hex)).toEqual(
        colours.map((c) => c.hex),
      );
    }),
  );
});

test('a table stays a table, whatever its colours are called', () => {
  const colours = [
    { name: '--0:', hex: '#000000' },
    { name: '!', hex: '#000000' },
  ];
  expect(readPalette(writePaletteCsv(colours)).colours).toEqual(colours);
});
