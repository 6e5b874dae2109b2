import { brief } from '../plan/brief/brief';
import { OAT, plan, SLATE } from '../plan/fixture.test-data';
import type { ShelfItem } from '../stock/schema';
import {
  addedOf,
  addOn,
  pictureOn,
  picturesLeft,
  withoutAdded,
  withoutPicture,
} from './at-the-table';
import { drawn, drawsOf } from './drawn';
import { advance, beginRun } from './run';

const shelf: ShelfItem[] = [OAT, SLATE].map((paint) => ({ kind: 'paint', paint, stockMl: 1e4 }));
const begun = beginRun('run-00000001', 'p', plan([OAT, SLATE]), 0);
const finished = (run: typeof begun) =>
  run.moves.reduce((r, _, i) => advance(r, 1000 * (i + 1)), run);
const takenOf = (run: typeof begun, id: string) =>
  drawsOf(drawn(finished(run), shelf)).find((line) => line.id === id)!.taken;

test('what went on is told by mix, over all moves, and apart what was mixed for it', () => {
  let run = addOn(begun, 0, { mix: 'm-oat', g: 12, at: 1 });
  run = addOn(run, 1, { mix: 'm-oat', g: 5, anew: true, at: 2 });
  run = addOn(run, 1, { mix: 'm-slate', g: 3, at: 3 });
  expect([...addedOf(run)]).toEqual([
    ['m-oat', { g: 17, anewG: 5 }],
    ['m-slate', { g: 3, anewG: 0 }],
  ]);
  expect(withoutAdded(run, 1, 0).moves[1]!.added).toEqual([{ mix: 'm-slate', g: 3, at: 3 }]);
  // Nothing of it is left in the document.
  expect(withoutAdded(withoutAdded(withoutAdded(run, 1, 1), 1, 0), 0, 0)).toEqual(begun);
});

test('out of what was left it draws nothing more; mixed anew, that colour’s recipe by as much', () => {
  const { g, steps } = brief(begun.plan).mixes.find((m) => m.id === 'm-oat')!;
  const oatMl = steps.find((s) => s.material === 'oat')!.ml;
  const before = takenOf(begun, 'oat');
  expect(takenOf(addOn(begun, 0, { mix: 'm-oat', g: 40, at: 1 }), 'oat')).toBe(before);
  const anew = addOn(begun, 0, { mix: 'm-oat', g: g / 4, anew: true, at: 1 });
  expect(takenOf(anew, 'oat') - before).toBeCloseTo(oatMl / 4, 2);
  expect(takenOf(anew, 'slate')).toBeCloseTo(takenOf(begun, 'slate'), 9);
});

test('pictures stay with the move they were taken at', () => {
  const run = pictureOn(pictureOn(begun, 1, { picture: 'pic-00000001', at: 5 }), 1, {
    picture: 'pic-00000002',
    at: 6,
  });
  expect(run.moves[1]!.pictures).toHaveLength(2);
  const one = withoutPicture(run, 1, 'pic-00000001');
  expect(one.moves[1]!.pictures).toEqual([{ picture: 'pic-00000002', at: 6 }]);
  expect(withoutPicture(one, 1, 'pic-00000002')).toEqual(begun);
});

test('a move takes as many pictures as it may have, and no more', () => {
  const taken = (n: number) => ({ picture: `pic-${String(n).padStart(8, '0')}`, at: n });
  const full = Array.from({ length: 12 }, (_, n) => taken(n)).reduce(
    (run, one) => pictureOn(run, 1, one),
    begun,
  );
  expect(picturesLeft(full, 1)).toBe(0);
  expect(pictureOn(full, 1, taken(99))).toBe(full);
  expect(picturesLeft(full, 0)).toBe(12);
});
