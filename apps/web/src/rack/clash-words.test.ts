import { ANY_HOUSE, type Clash, minutesOf, type Piece } from '@potter/core/rack';
import { clashWords, isHopeless, orderWords } from './clash-words';

const piece: Piece = {
  id: 'a',
  plan: 'a',
  title: 'Damson Moon',
  poured: false,
  pour: minutesOf('2026-12-01T10:00'),
  due: minutesOf('2026-12-12'),
  runMin: 40,
  acts: [],
  widthMm: 300,
  heightMm: 300,
  pieces: 1,
};
const late = (soonest: string): Clash => ({
  kind: 'late',
  piece,
  soonest: minutesOf(soonest),
  readyAt: minutesOf('2026-12-22'),
});
const words = (clash: Clash, pour?: string) =>
  Object.values(
    clashWords(clash, ANY_HOUSE, pour === undefined ? undefined : minutesOf(pour)),
  ).join(' ');

test('late is told as what may be and as what cannot be, with what mends it', () => {
  expect(isHopeless(late('2026-12-05'))).toBe(false);
  expect(words(late('2026-12-05'), '2026-11-29T09:00')).toBe(
    'Damson Moon may not be cured by Sat 12 Dec: it is between Sat 5 Dec and Tue 22 Dec. Poured on Sun 29 Nov, 09:00 it would do.',
  );
  expect(isHopeless(late('2026-12-15'))).toBe(true);
  expect(words(late('2026-12-15'))).toMatch(/will not be cured.*promise it for later\.$/);
  expect(words({ ...late('2026-12-05'), quick: true })).toMatch(
    /Coated after a day it is in time\.$/,
  );
  const poured = { ...late('2026-12-05'), piece: { ...piece, poured: true } };
  expect(words(poured)).toMatch(/poured already/);
});

test('room, table, days off and a piece too large each say who and what', () => {
  const house = { ...ANY_HOUSE, boards: { count: 2, widthMm: 900, depthMm: 500 } };
  const says = (clash: Clash) => clashWords(clash, house, undefined).message;
  expect(says({ kind: 'room', piece, boards: 3 })).toMatch(/3 boards would be taken.*there are 2/);
  expect(says({ kind: 'table', piece, with: { ...piece, title: 'Key tray' } })).toBe(
    'Damson Moon begins before Key tray is off the table.',
  );
  expect(says({ kind: 'day-off', piece })).toMatch(/Tue 1 Dec, when nobody works/);
  expect(says({ kind: 'too-large', piece })).toMatch(/larger than a board/);
});

test('an order is told by its last day, and says so where that is over', () => {
  const order = { product: 'resin' as const, ml: 79.2, by: piece.pour!, piece, wanted: piece.due! };
  expect(orderWords(order, piece.pour! - 1).message).toBe('Order 80 mL of resin by Tue 1 Dec.');
  expect(orderWords(order, piece.pour! + 1).message).toMatch(/too late for Damson Moon/);
});
