import type { ShelfItem } from '@potter/core/stock';
import { offShelfLetter, shelfLetter, TABLE_OFF, TABLE_ON, tableLetter } from './outbox/letters';
import { withUnsent } from './unsent-shelf';

const finish = (id: string, stockMl = 100): ShelfItem => ({
  kind: 'finish',
  id,
  name: id,
  product: 'varnish',
  stockMl,
});
const SHELF = [finish('a'), finish('b'), finish('c')];

test('what this device changed holds at once: in its place, behind the last, gone', () =>
  expect(
    withUnsent(SHELF, [
      shelfLetter(finish('b', 7)),
      shelfLetter(finish('d')),
      offShelfLetter(finish('a')),
    ]),
  ).toEqual([finish('b', 7), finish('c'), finish('d')]));

test('tables go on and off as a whole, in the order they were posted', () =>
  expect(
    withUnsent(SHELF, [
      tableLetter(TABLE_ON, [finish('c', 1), finish('e')]),
      tableLetter(TABLE_OFF, [finish('a'), finish('e')]),
    ]),
  ).toEqual([finish('b'), finish('c', 1)]));

test('what the studio refused is not shown as if it stood there, and letters about other things change nothing', () => {
  expect(withUnsent(SHELF, [{ ...shelfLetter(finish('b', 7)), refused: 'no' }])).toEqual(SHELF);
  expect(
    withUnsent(SHELF, [
      { about: 'run.x', method: 'DELETE', path: '/api/runs/x', names: 'x' } as never,
    ]),
  ).toBe(SHELF);
});
