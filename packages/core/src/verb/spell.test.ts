import fc from 'fast-check';
import type { Move } from './move';
import { spellsOf } from './spell';

const tilt = (id: string, piece?: number): Move => ({
  id,
  verb: 'tilt',
  towardDeg: 0,
  angleDeg: 9,
  ...(piece === undefined ? {} : { piece }),
});
const rest = (id: string): Move => ({ id, verb: 'rest', s: 60 });

test('tilts one after another are one spell, whatever stands between two of them parts it', () => {
  expect(spellsOf([rest('a'), tilt('b'), tilt('c'), rest('d'), tilt('e')])).toEqual([
    { from: 0, count: 1 },
    { from: 1, count: 2 },
    { from: 3, count: 1 },
    { from: 4, count: 1 },
  ]);
  expect(spellsOf([])).toEqual([]);
});

test('another piece is in other hands’ way: its tilts are a spell of their own', () => {
  expect(spellsOf([tilt('a', 1), tilt('b', 1), tilt('c', 2)]).map((s) => s.count)).toEqual([2, 1]);
});

test('spells hold every move once and in order', () => {
  fc.assert(
    fc.property(fc.array(fc.boolean(), { maxLength: 30 }), (kinds) => {
      const moves = kinds.map((isTilt, i) => (isTilt ? tilt : rest)(`m${i}`));
      const laid = spellsOf(moves).flatMap(({ from, count }) => moves.slice(from, from + count));
      expect(laid).toEqual(moves);
    }),
  );
});
