import fc from 'fast-check';
import { anyHouse, anyPiece, EVERY_DAY, NOW } from './any-rack.test-data';
import { boardsFor } from './boards';
import { clashesOf, mendOf } from './clashes';
import { datesOf, readyAt } from './dated';
import { findDays, tableTaken } from './find-days';
import { lastPour } from './last-pour';
import { allLying, boardsAt } from './lying';
import {
  dayOf,
  localOf,
  minutesOf,
  startOf,
  weekdayOf,
  hoursOf,
  nextWork,
} from '../schedule/house';
import { marketOf } from './market';
import { ordersOf } from './orders';
import type { Piece } from './piece';

test('days are those of the calendar: the year’s end, a leap day, and nights on which clocks go forward or back', () => {
  // 28 November 2026 is a Saturday, 29 February 2028 a Tuesday (calendar).
  expect(weekdayOf(dayOf(minutesOf('2026-11-28')))).toBe(6);
  expect(weekdayOf(dayOf(minutesOf('2028-02-29')))).toBe(2);
  expect(localOf(minutesOf('2026-12-31T23:30') + 60)).toBe('2027-01-01T00:30');
  expect(localOf(minutesOf('2028-02-28T09:00') + 1440)).toBe('2028-02-29T09:00');
  // The same wall-clock time the next day, whatever the clocks did that night (last Sundays of March and October).
  for (const night of ['2026-03-28T09:00', '2026-10-24T09:00'])
    expect(localOf(minutesOf(night) + 1440).slice(11)).toBe('09:00');
});

const piece = (more: Partial<Piece> = {}): Piece => ({
  id: 'a',
  plan: 'a',
  title: 'Quince',
  poured: false,
  runMin: 60,
  acts: [
    { act: 'touch', stage: 0, why: '', fromMin: 12 * 60, toMin: 24 * 60 },
    { act: 'stage', stage: 1, title: 'Top coat', why: '', fromMin: 168 * 60, toMin: 168 * 60 },
    { act: 'touch', stage: 1, why: '', fromMin: 192 * 60, toMin: 192 * 60 },
    { act: 'cured', stage: 1, why: '', fromMin: 240 * 60, toMin: 264 * 60 },
  ],
  widthMm: 500,
  heightMm: 400,
  pieces: 1,
  ...more,
});
const weekdays = { ...EVERY_DAY, workDays: [1, 2, 3, 4, 5], from: '09:00', to: '18:00' };

test('hang on 12 December: poured by Tuesday 1 December, by hand; a coat that would fall on a Sunday waits for Monday', () => {
  const due = minutesOf('2026-12-12');
  // 1 h of pouring and 264 h: on 1 December at 9:00 it would be ready on the 12th at 10:00, the noon of its day not yet over.
  expect(localOf(lastPour(piece(), due, EVERY_DAY)!)).toBe('2026-12-01T09:00');
  expect(localOf(readyAt(piece(), minutesOf('2026-12-01T09:00'), EVERY_DAY))).toBe(
    '2026-12-12T10:00',
  );
  // Poured on a Sunday its coat is a week later, a Sunday too: on weekdays only it is done on Monday.
  const sunday = { ...piece({ pour: minutesOf('2026-11-29T08:00') }) };
  const coat = datesOf(sunday, weekdays).find(({ act }) => act === 'stage')!;
  expect(localOf(coat.from)).toBe('2026-12-07T09:00');
  expect(localOf(datesOf(sunday, weekdays).at(-1)!.from)).toBe('2026-12-10T09:00');
});

test('backward is forward: poured on the last day it is ready, on the next working day it is not', () => {
  fc.assert(
    fc.property(anyPiece(), anyHouse, fc.integer({ min: 1, max: 400 }), (any, house, days) => {
      const due = NOW + days * 1440;
      const last = lastPour(any, due, house)!;
      expect(hoursOf(dayOf(last), house)).toBeDefined();
      expect(readyAt(any, last, house)).toBeLessThanOrEqual(due);
      const next = nextWork(startOf(dayOf(last) + 1), house);
      expect(readyAt(any, next, house)).toBeGreaterThan(due);
    }),
  );
});

test('nothing comes before its time nor before what it waits for, and hands only when somebody is there', () => {
  fc.assert(
    fc.property(anyPiece(), anyHouse, (any, house) => {
      const end = any.pour! + any.runMin;
      // Told at once and told for many days it is the same moment.
      expect(readyAt(any, any.pour!, house)).toBe(datesOf(any, house).at(-1)!.to);
      datesOf(any, house).forEach((date, i, all) => {
        expect(date.from).toBeGreaterThanOrEqual(end + any.acts[i]!.fromMin);
        expect(date.to).toBeGreaterThanOrEqual(date.from);
        if (i > 0) expect(date.to).toBeGreaterThanOrEqual(all[i - 1]!.to);
        if (date.act === 'stage')
          for (const at of [date.from, date.to]) {
            const hours = hoursOf(dayOf(at), house)!;
            expect(at).toBeGreaterThanOrEqual(hours.from);
            expect(at).toBeLessThanOrEqual(hours.to);
          }
      });
    }),
  );
});

test('found days are working days, keep promises, and never overfill boards or table; what has a day keeps it', () => {
  fc.assert(
    fc.property(
      fc.array(anyPiece(false), { minLength: 1, maxLength: 8 }),
      fc.array(anyPiece(), { maxLength: 1 }),
      anyHouse,
      (open, placed, house) => {
        const { pours, without } = findDays([...open, ...placed], house, NOW);
        expect(pours.length + without.length).toBe(open.length);
        const all = [...placed, ...pours.map(({ piece: p, pour }) => ({ ...p, pour }))];
        for (const { piece: p, pour } of pours) {
          expect(pour).toBeGreaterThanOrEqual(NOW);
          expect(hoursOf(dayOf(pour), house)).toBeDefined();
          if (p.due !== undefined) expect(readyAt(p, pour, house)).toBeLessThanOrEqual(p.due);
        }
        const taken = tableTaken(all).sort((a, b) => a.from - b.from);
        taken.slice(1).forEach(({ from }, i) => expect(from).toBeGreaterThanOrEqual(taken[i]!.to));
        for (const { from } of taken) {
          const day = dayOf(from);
          expect(taken.filter((t) => dayOf(t.from) === day).length).toBeLessThanOrEqual(
            Math.max(house.perDay, 1),
          );
        }
        const lies = allLying(all, house);
        const own = allLying(placed, house);
        const most = house.boards?.count ?? Infinity;
        for (const { from } of lies)
          // What was there already may be more than there is room for by itself.
          if (boardsAt(own, from, house) <= most)
            expect(boardsAt(lies, from, house)).toBeLessThanOrEqual(most);
      },
    ),
    { numRuns: 60 },
  );
});

test('boards by hand: four pieces of 40 × 50 cm side by side on two boards of a metre and a bit', () => {
  const board = { widthMm: 1080, depthMm: 450 };
  const one = { widthMm: 500, heightMm: 400, pieces: 1 };
  expect(boardsFor([one], board)).toBe(1);
  expect(boardsFor([{ ...one, pieces: 2 }], board)).toBe(1);
  expect(boardsFor([{ ...one, pieces: 3 }], board)).toBe(2);
  expect(boardsFor([{ ...one, pieces: 4 }], board)).toBe(2);
  // A row of tiles in front of it where the board is deep enough.
  const deep = { widthMm: 1080, depthMm: 620 };
  const tiles = { widthMm: 108, heightMm: 108, pieces: 8 };
  expect(boardsFor([{ ...one, pieces: 2 }, tiles], deep)).toBe(1);
  expect(boardsFor([{ widthMm: 1200, heightMm: 300, pieces: 1 }], board)).toBe(Infinity);
});

test('boards hold at the least the area that lies on them, at the most one piece each', () => {
  const item = fc.record({
    widthMm: fc.integer({ min: 50, max: 500 }),
    heightMm: fc.integer({ min: 50, max: 400 }),
    pieces: fc.integer({ min: 1, max: 5 }),
  });
  fc.assert(
    fc.property(fc.array(item, { maxLength: 8 }), (items) => {
      const board = { widthMm: 1000, depthMm: 600 };
      const boards = boardsFor(items, board);
      const count = items.reduce((sum, { pieces }) => sum + pieces, 0);
      const area = items.reduce((sum, i) => sum + i.pieces * i.widthMm * i.heightMm, 0);
      expect(boards).toBeLessThanOrEqual(count);
      expect(boards * board.widthMm * board.depthMm).toBeGreaterThanOrEqual(area);
    }),
  );
});

const clash = (pieces: readonly Piece[], house = EVERY_DAY) => clashesOf(pieces, house, NOW);

test('late, on a day off, at a taken table, without room: each is told with a day that mends it, and mended is told no more', () => {
  const due = minutesOf('2026-12-12');
  const late = piece({ pour: minutesOf('2026-12-05T10:00'), due });
  const off = piece({ id: 'b', pour: minutesOf('2026-11-29T10:00') });
  const twice = piece({ id: 'c', pour: minutesOf('2026-12-07T10:30') });
  const first = piece({ id: 'd', pour: minutesOf('2026-12-07T10:00') });
  const house = { ...weekdays, boards: { count: 1, widthMm: 700, depthMm: 600 } };
  const cases: [string, Piece, readonly Piece[], typeof house | typeof EVERY_DAY][] = [
    ['late', late, [late], EVERY_DAY],
    ['day-off', off, [off], weekdays],
    ['table', twice, [twice, first], EVERY_DAY],
    ['room', twice, [twice, first], house],
  ];
  for (const [kind, who, pieces, of] of cases) {
    const found = clash(pieces, of).find((c) => c.kind === kind)!;
    expect(found.piece).toBe(who);
    const pour = mendOf(found, pieces, of, NOW)!;
    expect(pour).toBeGreaterThanOrEqual(NOW);
    const mended = pieces.map((p) => (p === who ? { ...p, pour } : p));
    expect(clash(mended, of)).toEqual([]);
  }
});

test('what can be ready only by the quick school says so; what fits on no board at all says that; too late for any day there is none', () => {
  const due = minutesOf('2026-12-04');
  const quick = piece().acts.map((a) =>
    a.act === 'touch' && a.stage === 0
      ? a
      : { ...a, fromMin: a.fromMin - 144 * 60, toMin: a.toMin - 144 * 60 },
  );
  const [late] = clash([piece({ pour: minutesOf('2026-11-29T10:00'), due, quick })]);
  expect(late).toMatchObject({ kind: 'late', quick: true });
  expect(mendOf(late!, [late!.piece], EVERY_DAY, NOW)).toBeUndefined();
  const small = { ...EVERY_DAY, boards: { count: 3, widthMm: 300, depthMm: 300 } };
  expect(clash([piece({ pour: NOW + 60 })], small)[0]).toMatchObject({ kind: 'too-large' });
});

test('what the shelf lacks is ordered in time for the first coat that would go without', () => {
  const coated = (id: string, pour: string, ml: number) =>
    piece({ id, pour: minutesOf(pour), coats: [{ product: 'resin', ml }] });
  const first = coated('a', '2026-11-30T09:00', 100);
  const second = coated('b', '2026-12-02T09:00', 80);
  const orders = (resin: number) => ordersOf([second, first], { resin, varnish: 0 }, EVERY_DAY);
  expect(orders(180)).toEqual([]);
  // The first has its 100; of the second's 80 there are 50.
  const [order] = orders(150);
  expect(order).toMatchObject({ product: 'resin', ml: 30, piece: { id: 'b' } });
  // Poured on the 2nd, an hour long, coated a week later, ordered five days before that.
  expect(localOf(order!.by)).toBe('2026-12-04T10:00');
  expect(orders(20)[0]).toMatchObject({ ml: 160, piece: { id: 'a' } });
});

test('a market by its prices: what will be there, what may be, what is missing and by when to pour it', () => {
  const market = {
    name: 'Winter market',
    day: '2026-12-12',
    wants: [
      { price: 15, pieces: 12 },
      { price: 60, pieces: 1 },
    ],
  };
  const tiles = piece({ id: 'b', pieces: 6, price: 15, pour: minutesOf('2026-11-30T09:00') });
  const late = piece({ id: 'c', pieces: 4, price: 15, pour: minutesOf('2026-12-05T09:00') });
  const sold = piece({ id: 'd', price: 60, for: 'The mill', pour: minutesOf('2026-11-30T09:00') });
  const [cheap, dear] = marketOf(market, [tiles, late, sold], EVERY_DAY);
  expect(cheap).toMatchObject({ wanted: 12, sure: 6, unsure: 4, missing: 2 });
  // An hour and eleven days before it opens at nine is eight in the evening before: the day before that, first thing.
  expect(localOf(cheap!.pourBy!)).toBe('2026-11-30T09:00');
  expect(dear).toMatchObject({ wanted: 1, sure: 0, unsure: 0, missing: 1 });
  const enough = marketOf({ ...market, wants: [{ price: 15, pieces: 6 }] }, [tiles], EVERY_DAY);
  expect(enough[0]).not.toHaveProperty('pourBy');
});
