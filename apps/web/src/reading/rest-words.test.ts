import type { CloseRead, Island } from '@potter/core/reading';
import type { ReadAnswer } from '@/workers/read-messages';
import { cellsIn, type RestPicture, spaced, watchesOf, watchWords } from './rest-words';

/** Twelve cells in rows, so many times as wide, moved so far down. */
const islands = (by: number, down = 0): Island[] =>
  Array.from({ length: 12 }, (_, i) => ({
    atMm: [20 * (i % 4), 20 * Math.floor(i / 4) + down],
    widthMm: 4 * by,
    of: 0,
  }));
const read = (by: number, { down = 0, fine = true } = {}): ReadAnswer => ({
  read: { cells: { islands: islands(by, down) } } as unknown as CloseRead,
  cannot: { nothing: false, fine, says: [] },
  light: 'table',
});
const MIN = 60_000;
const taken = (at: number, answer: ReadAnswer | undefined): RestPicture => ({
  at,
  cells: cellsIn(answer),
});

test('pictures minutes apart tell how cells grew, whether that slows, and where all of it crept', () => {
  const watches = watchesOf([
    taken(10 * MIN, read(1.3, { down: 1 })),
    taken(0, read(1)),
    taken(5 * MIN, read(1.2)),
  ]);
  expect(watches.map((watch, i) => watchWords(watch, watches[i - 1]))).toEqual([
    'In 5 min cells grew by 20 %, give or take 2, by 12 that are in both pictures.',
    'In 5 min cells grew by 8 %, give or take 2, slowing, by 12 that are in both pictures. All of it crept 1 mm down.',
  ]);
});

test('pictures of one moment, of different days, or that are blurred tell nothing', () => {
  const at = (ms: number, answer = read(1)) => taken(ms, answer);
  expect(watchesOf([at(0), at(1000)])).toEqual([]);
  expect(watchesOf([at(0), at(24 * 60 * MIN)])).toEqual([]);
  expect(watchesOf([at(0), at(5 * MIN, read(1.2, { fine: false }))])).toEqual([]);
  expect(watchesOf([at(0), taken(5 * MIN, undefined)])).toEqual([]);
});

test('of a picture every minute those five minutes apart tell, back from the last, and the first', () => {
  const every = Array.from({ length: 13 }, (_, i) => taken(i * MIN, read(1)));
  const at = (pictures: readonly RestPicture[]) => spaced(pictures).map((p) => p.at / MIN);
  expect(at(every)).toEqual([0, 2, 7, 12]);
  expect(at(every.slice(0, 3))).toEqual([0, 2]);
  expect(at(every.slice(0, 1))).toEqual([0]);
  // Blurred ones are left out, and their time is taken by those before.
  expect(at(every.map((p, i) => (i === 7 ? { ...p, cells: undefined } : p)))).toEqual([
    0, 1, 6, 12,
  ]);
});
