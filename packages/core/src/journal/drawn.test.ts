import { OAT, plan, SLATE } from '../plan/fixture.test-data';
import type { ShelfItem } from '../stock/schema';
import { drawn, drawnBetween, undrawn } from './drawn';
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

test('between two words on a run the shelf gives the difference: all, nothing, and all back', () => {
  const once = drawn(done, shelf);
  const back = undrawn(once, true);
  expect(drawnBetween(undefined, once)).toEqual(once.drawn?.lines);
  expect(drawnBetween(once, once)).toEqual([]);
  expect(drawnBetween(once, back).map((l) => l.taken)).toEqual(
    once.drawn?.lines.map((l) => -l.taken),
  );
  expect(drawnBetween(back, undrawn(back, false))).toEqual(once.drawn?.lines);
  expect(drawnBetween(back, back)).toEqual([]);
});
