import { OAT, plan, SLATE } from '../plan/fixture.test-data';
import type { ShelfItem } from '../stock/schema';
import { drawn, drawsOf, undrawn } from './drawn';
import { advance, beginRun } from './run';

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
