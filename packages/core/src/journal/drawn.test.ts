import { addCoat } from '../plan/edit/coats';
import { OAT, plan, SLATE } from '../plan/fixture.test-data';
import { pieceOfRun } from '../piece';
import type { ShelfItem } from '../stock/schema';
import { drawn, drawsOf, undrawn } from './drawn';
import { advance, beginRun, mixedOn } from './run';

const shelf: ShelfItem[] = [OAT, SLATE].map((paint) => ({ kind: 'paint', paint, stockMl: 1e4 }));
const begun = beginRun('run-00000001', 'p', plan([OAT, SLATE]), 0);
const done = begun.moves.reduce((run, _, i) => advance(run, 1000 * (i + 1)), begun);

test('only a finished run draws, and only once', () => {
  expect(drawn(begun, shelf)).toBe(begun);
  const once = drawn(done, shelf);
  expect(once.drawn?.lines.map((l) => l.id).sort()).toEqual(['oat', 'slate']);
  expect(drawn(once, [])).toBe(once);
});

test('undone it draws nothing, done again the same; a thing drawn on twice is one draw', () => {
  const once = drawn(done, shelf);
  expect(drawsOf(begun)).toEqual([]);
  expect(drawsOf(once)).toEqual(once.drawn?.lines);
  const back = undrawn(once, true);
  expect(drawsOf(back)).toEqual([]);
  expect(drawsOf(undrawn(back, false))).toEqual(once.drawn?.lines);
  const [line] = once.drawn!.lines;
  const twice = { ...once, drawn: { lines: [line!, line!] } };
  expect(drawsOf(twice)).toEqual([{ ...line, taken: 2 * line!.taken }]);
});

test('a coat is drawn by the stage that lays it, as it was mixed, and not by the pour', () => {
  const coated = addCoat(plan([OAT, SLATE]), {
    product: 'resin',
    coats: 1,
    filmMm: 3,
    pop: 'pin',
  });
  const withResin: ShelfItem[] = [
    ...shelf,
    { kind: 'finish', id: 'clear', name: 'Clear coat', product: 'resin', stockMl: 5000 },
  ];
  const over = (stage: number) => {
    const run = beginRun('run-00000002', 'p', coated, 0, stage);
    return run.moves.reduce((r, _, i) => advance(r, 1000 * (i + 1)), run);
  };
  const kinds = (run: typeof done) => drawn(run, withResin).drawn!.lines.map((l) => l.kind);
  expect(kinds(over(0))).not.toContain('finish');
  expect(kinds(over(1))).toEqual(['finish']);
  // 110 g of 1 : 1 by volume at 1.15 and 1.05 g/mL are 100 mL.
  const mixed = mixedOn(over(1), 0, 0, {
    at: 0,
    of: [
      { material: 'resin', g: 57.5 },
      { material: 'hardener', g: 52.5 },
    ],
  });
  expect(drawn(mixed, withResin).drawn!.lines).toEqual([
    { kind: 'finish', id: 'clear', taken: 100 },
  ]);
});

test('what a piece cost is kept by the prices of then; where nothing has a price it is not known', () => {
  expect(drawn(done, shelf).drawn).not.toHaveProperty('costEach');
  const priced = shelf.map((item) => ({ ...item, price: 10, sizeMl: 100 }) as ShelfItem);
  const once = drawn(done, priced);
  const ml = once.drawn!.lines.reduce((sum, { taken }) => sum + taken, 0);
  // 10 for 100 mL of either, and nothing else has a price.
  expect(once.drawn!.costEach).toBeCloseTo((10 * ml) / 100, 1);
  expect(once.drawn!.costEach).toBeGreaterThan(0);
  expect(pieceOfRun(once).cost).toBe(once.drawn!.costEach);
  expect(pieceOfRun(done)).not.toHaveProperty('cost');
  const dearer = priced.map((item) => ({ ...item, price: 99 }) as ShelfItem);
  expect(drawn(once, dearer)).toBe(once);
});
