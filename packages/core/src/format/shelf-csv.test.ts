import fc from 'fast-check';
import Papa from 'papaparse';
import type { ShelfItem } from '../stock/schema';
import { isFormula } from './cell';
import { readShelfCsv, writeShelfCsv } from './shelf-csv';
import { writeShoppingCsv } from './shopping-csv';

const any = () => [];
const read = (text: string, shelf: readonly ShelfItem[] = []) => readShelfCsv(text, shelf, any);
const lines = (r: ReturnType<typeof read>) => r.faults.map((f) => `${f.path}: ${f.message}`);

const SHELF: ShelfItem[] = [
  {
    kind: 'paint',
    paint: {
      id: 'oat',
      name: 'Oat, "pale"',
      hex: '#ece5d6',
      opacity: { contrastRatio: 0.94, wetMicrons: 200 },
      body: 'heavy',
      finish: 'satin',
      densityGPerMl: 1.35,
      pigments: ['PW6', 'PY42'],
      note: 'two\nlines',
    },
    maker: 'Own, line A',
    stockMl: 640,
    sizeMl: 500,
    price: 18,
    lowMl: 100,
    openedOn: '2026-09-02',
    countedIn: 'g',
  },
  {
    kind: 'material',
    material: { id: 'pva', name: 'PVA glue', role: 'binder', densityGPerMl: 1.08, viscosityPaS: 4 },
    stockMl: 500,
  },
  {
    kind: 'vessel',
    id: 'v',
    vessel: { name: 'Cup', topMm: 78, bottomMm: 52, heightMm: 79, compartments: 5 },
    outlet: { tipMm: 3 },
    count: 12,
    lowCount: 3,
    price: 0.1,
  },
  {
    kind: 'surface',
    id: 's',
    name: 'Canvas',
    shape: { kind: 'rect', widthMm: 500, heightMm: 400 },
    edgeDepthMm: 18,
    support: 'canvas',
    count: 2,
    price: 7.5,
  },
  { kind: 'finish', id: 'r', name: 'Resin', product: 'resin', stockMl: 600, sizeMl: 750 },
  {
    kind: 'jar',
    id: 'j',
    name: 'Mystery',
    hex: '#806050',
    g: 140,
    madeOn: '2026-11-01',
    silicone: true,
    consistency: 'medium',
    from: 'run-off',
  },
];

test('a shelf written and read again changes nothing', () => {
  const again = read(writeShelfCsv(SHELF), SHELF);
  expect(lines(again)).toEqual([]);
  expect(again).toMatchObject({ added: [], changed: [], same: SHELF.length });
  expect(read(writeShelfCsv(SHELF)).added.map((c) => c.item)).toEqual(SHELF);
});

// RFC 4180: CR LF line ends, fields with a comma, quote or line break quoted, quotes doubled.
test('is written as RFC 4180 has it', () => {
  const text = writeShelfCsv(SHELF);
  expect(text.endsWith('\r\n')).toBe(true);
  expect(text).toContain('"Oat, ""pale"""');
  expect(text).toContain('"two\nlines"');
});

test('columns in any order, some left out: what the table does not name stays', () => {
  const { changed, faults } = read('stockMl,name,id\n99,Oat,oat', SHELF);
  expect(faults).toEqual([]);
  expect(changed).toHaveLength(1);
  expect(changed[0]?.item).toMatchObject({
    stockMl: 99,
    price: 18,
    paint: { name: 'Oat', hex: '#ece5d6' },
  });
});

test('any names survive the round, with quotes, commas, breaks and signs of formulas', () => {
  fc.assert(
    fc.property(
      fc.array(
        fc
          .string({ minLength: 1, maxLength: 20 })
          .filter(
            (s) => s.trim() === s && s !== '' && !s.startsWith("'") && !/[\u0000-\u001f]/.test(s),
          ),
        { minLength: 1, maxLength: 6 },
      ),
      (names) => {
        const shelf = names.map((name, i): ShelfItem => ({
          kind: 'finish',
          id: `f${i}`,
          name,
          product: 'resin',
        }));
        const text = writeShelfCsv(shelf);
        for (const row of Papa.parse<string[]>(text).data.slice(1))
          for (const cell of row) expect(isFormula(cell)).toBe(false);
        const back = read(text);
        // What a spreadsheet would run is written with an apostrophe, which is taken off again.
        expect(back.added.map((c) => (c.item as { name: string }).name)).toEqual(names);
      },
    ),
    { numRuns: 100 },
  );
});

test.each([
  ['an unknown column', 'name,colour\nA,red', /row 1: there is no column "colour"/],
  ['no name', 'id,hex\na,#ffffff', /no column "name"/],
  ['a column twice', 'name,name\nA,B', /stands twice/],
  ['nothing', 'name,id\n', /holds no rows/],
  ['an open quote', 'name,id\n"A,b', /row 2: is no sound CSV/],
  ['too many fields', 'name,id\nA,b,c', /row 2, the end: has 3 fields; the heading has 2/],
  ['an id twice', 'name,id\nA,x\nB,x', /row 3, id: "x" stands in row 2 already/],
  ['a strange kind', 'kind,name\nbrush,A', /row 2, kind: must be one of/],
  ['words for a number', 'name,stockMl\nA,lots', /row 2, stockMl: "lots" is not a number/],
  [
    'a formula',
    'name\n"=HYPERLINK(""http://example.org"",""x"")"',
    /row 2, name: begins with "=", which a spreadsheet would run as a formula/,
  ],
  ['another formula', 'name,note\nA,@SUM(1)', /row 2, note: begins with "@"/],
  ['a size that is none', 'kind,name,size\nsurface,A,big', /row 2, size/],
  ['a picture', 'PNG\u0000\u0001', /is no text/],
])('%s is told by row and column, and nothing may be saved', (_, text, fault) =>
  expect(lines(read(text)).join('\n')).toMatch(fault),
);

test('faults of the schema are told by the column they stand in', () => {
  const r = readShelfCsv('name,hex\nA,white', [], () => [
    { path: '/paint/hex', message: 'must be a colour' },
  ]);
  expect(lines(r)).toEqual(['row 2, hex: must be a colour']);
  expect(r.added).toEqual([]);
});

test('negative numbers are numbers, not formulas', () =>
  expect(lines(read('name,stockMl\nA,-3'))).toEqual([]));

test('a shopping list is a table too, its formulas made harmless', () => {
  const csv = writeShoppingCsv(
    [
      {
        kind: 'paint',
        name: '=1+1',
        unit: 'ml',
        need: 120.25,
        needG: 140,
        have: 20,
        lack: 100.25,
        known: true,
        buy: 1,
        packMl: 250,
        cost: 12,
      },
    ],
    'EUR',
  );
  expect(csv.split('\r\n')[1]).toBe(`"'=1+1",,mL,120.3,140,20,100.3,1,250,12`);
});
