import type { PieceRow } from '@potter/contract';
import { setsTogether } from './sets-together';

const row = (id: string, set: Partial<PieceRow> = {}): PieceRow => ({
  id,
  title: id,
  madeAt: 0,
  status: 'drying',
  ...set,
});

test('pieces of one pour that follow one another are one, in their own order; others stay by themselves', () => {
  const tiles = { run: 'tiles', of: 6 };
  const ids = setsTogether([
    row('moon', { run: 'moon' }),
    row('tiles-3', { ...tiles, nth: 3 }),
    row('tiles', { ...tiles, nth: 1 }),
    row('found'),
    row('other'),
    row('tiles-5', { ...tiles, nth: 5 }),
  ]).map((set) => set.map(({ id }) => id));
  expect(ids).toEqual([['moon'], ['tiles', 'tiles-3'], ['found'], ['other'], ['tiles-5']]);
});
