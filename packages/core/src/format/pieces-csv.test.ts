import Papa from 'papaparse';
import type { Piece } from '../piece';
import { writePiecesCsv } from './pieces-csv';

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
