import Papa from 'papaparse';
import type { Piece } from '../piece';
import { readPiecesCsv, writePiecesCsv } from './pieces-csv';

const piece: Piece = {
  id: 'piece-quince',
  title: 'Quince, "the first"',
  madeAt: Date.UTC(2026, 9, 4, 12),
  status: 'sold',
  price: 140,
  cost: 21.4,
  tags: ['autumn', 'blue'],
  verdict: { cells: 'good', mud: 'poor' },
  colours: [{ name: 'Brass', fate: 'lost', part: 2 }],
  faults: ['mud', 'bare-edges'],
  lessons: [{ id: 'less', says: 'Less walnut' }],
  note: '=1+1\nand a second line',
};

test('a row a piece, whatever stands in its words; a spreadsheet reckons nothing of them', () => {
  const { data, errors } = Papa.parse<Record<string, string>>(writePiecesCsv([piece]).trimEnd(), {
    header: true,
  });
  expect(errors).toEqual([]);
  expect(data).toEqual([
    {
      id: 'piece-quince',
      title: 'Quince, "the first"',
      made: '2026-10-04',
      technique: '',
      size: '',
      of_set: '',
      status: 'Sold',
      with: '',
      price: '140',
      cost: '21.4',
      tags: 'autumn; blue',
      cells: 'good',
      bands: '',
      'clean colours': 'poor',
      cover: '',
      edges: '',
      'calm places': '',
      colours: 'Brass (part 2): lost',
      faults: 'Mud; Bare or wiggly edges',
      next_time: 'Less walnut',
      pictures: '0',
      note: "'=1+1\nand a second line",
    },
  ]);
});

const plain: Piece = { id: 'piece-plain', title: 'Plain', madeAt: Date.UTC(2026, 9, 5, 9, 30) };
let made = 0;
const newId = () => `made-${++made}-0000`;
const read = (text: string) => readPiecesCsv(text, [piece, plain], newId);

test('a table that was written comes in again as it went out: nothing changes, not even what it does not hold', () => {
  expect(read(writePiecesCsv([piece, plain]))).toEqual({ pieces: [], faults: [] });
  // As spreadsheets write it: another line end, and a mark at its beginning.
  const again = `\uFEFF${writePiecesCsv([piece, plain]).replace(/\r\n/g, '\n')}`;
  expect(read(again)).toEqual({ pieces: [], faults: [] });
});

test('a cell that was changed changes its piece and nothing else of it; columns may be left out', () => {
  const text =
    'id,price,status,tags,mud,faults,note\r\n' +
    'piece-quince,"150,50",kept,,,Mud,\r\n' +
    'piece-plain,,Drying,new,,,\r\n';
  const { pieces, faults } = read(text);
  expect(faults).toEqual([
    { path: 'row 1', message: expect.stringContaining('there is no column "mud"') },
  ]);
  expect(pieces).toEqual([]);
  const { tags: _, note: __, ...others } = piece;
  expect(read(text.replace('mud', 'clean colours'))).toEqual({
    faults: [],
    pieces: [
      { ...others, price: 150.5, status: 'kept', verdict: { cells: 'good' }, faults: ['mud'] },
      { ...plain, tags: ['new'] },
    ],
  });
});

test('a row without an id is a new piece', () => {
  const { pieces } = read('title,made,price\r\nThe old one,2019-05-04,60\r\n');
  expect(pieces).toEqual([
    {
      id: expect.stringMatching(/^made-/),
      title: 'The old one',
      madeAt: Date.UTC(2019, 4, 4, 12),
      price: 60,
    },
  ]);
});

test.each([
  ['id,price\r\npiece-quince,dear', 'row 2, price', '"dear" is not a number'],
  ['id,status\r\npiece-quince,eaten', 'row 2, status', '"eaten" is none of Drying'],
  ['id,made\r\npiece-quince,4.10.2026', 'row 2, made', 'write it as 2026-11-28'],
  ['id,faults\r\npiece-quince,Mud; Gremlins', 'row 2, faults', '"Gremlins" is none of'],
  ['id,colours\r\npiece-quince,', 'row 2, colours', 'change it in the journal'],
  ['title,made\r\nNo day,', 'row 2, made', 'a new piece needs a day'],
  ['id,title\r\npiece-quince,', 'row 2, title', 'is empty'],
  ['id,note\r\npiece-quince,a\r\npiece-quince,b', 'row 3, id', 'stands in row 2 already'],
  ['id,note\r\npiece-quince,a,b', 'row 2, the end', 'has 3 fields; the heading has 2'],
  ['id,id\r\na,b', 'row 1', 'column "id" stands twice'],
  ['note\r\na', 'row 1', 'neither a column'],
])('%j is refused, with its place', (text, path, message) => {
  const { pieces, faults } = read(text);
  expect(pieces).toEqual([]);
  expect(faults).toContainEqual({ path, message: expect.stringContaining(message) });
});
