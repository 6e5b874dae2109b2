import fc from 'fast-check';
import { contrastOrder } from './contrast';
import { solveOrder } from './solve';

/** Every order there is, tried one by one. */
function exhaustive(
  counts: readonly number[],
  score: readonly (readonly number[])[],
  first?: number,
  last?: number,
) {
  let best: { weakest: number; total: number } | undefined;
  const length = counts.reduce((a, b) => a + b, 0);
  const go = (order: number[], left: number[]) => {
    if (order.length === length) {
      if (last !== undefined && order.at(-1) !== last) return;
      const steps = order.slice(1).map((c, i) => score[order[i]!]![c]!);
      const [weakest, total] = [Math.min(Infinity, ...steps), steps.reduce((a, b) => a + b, 0)];
      if (!best || weakest > best.weakest || (weakest === best.weakest && total > best.total))
        best = { weakest, total };
      return;
    }
    left.forEach((n, c) => {
      if (
        n === 0 ||
        c === order.at(-1) ||
        (order.length === 0 && first !== undefined && first !== c)
      )
        return;
      go(
        [...order, c],
        left.map((m, i) => (i === c ? m - 1 : m)),
      );
    });
  };
  go([], [...counts]);
  return best;
}

const task = fc.integer({ min: 1, max: 4 }).chain((n) =>
  fc.record({
    counts: fc.array(fc.integer({ min: 1, max: 2 }), { minLength: n, maxLength: n }),
    raw: fc.array(fc.array(fc.integer({ min: 0, max: 9 }), { minLength: n, maxLength: n }), {
      minLength: n,
      maxLength: n,
    }),
    first: fc.option(fc.integer({ min: 0, max: n - 1 }), { nil: undefined }),
    last: fc.option(fc.integer({ min: 0, max: n - 1 }), { nil: undefined }),
  }),
);

test('equals trying every order, with repeats and pins', () => {
  fc.assert(
    fc.property(task, ({ counts, raw, first, last }) => {
      const score = raw.map((row, i) => row.map((_, j) => raw[Math.min(i, j)]![Math.max(i, j)]!));
      const expected = exhaustive(counts, score, first, last);
      const found = solveOrder({
        counts,
        score,
        ...(first === undefined ? {} : { first }),
        ...(last === undefined ? {} : { last }),
      });
      expect(found && { weakest: found.weakest, total: found.total }).toEqual(expected);
      if (!found) return;
      counts.forEach((n, c) => expect(found.order.filter((o) => o === c)).toHaveLength(n));
      if (first !== undefined) expect(found.order[0]).toBe(first);
    }),
    { numRuns: 150 },
  );
});

test('no order keeps a colour from itself where it is more than half of all', () =>
  expect(
    solveOrder({
      counts: [3, 1],
      score: [
        [0, 1],
        [1, 0],
      ],
    }),
  ).toBeUndefined());
test('too many to weigh is refused, not begun', () =>
  expect(() => solveOrder({ counts: Array(24).fill(2), score: [] })).toThrow(/too many orders/));

test('the contrast school keeps opposites apart where a pale colour can stand between', () => {
  const [white, red, green] = [0, 1, 2];
  const found = contrastOrder(['#f7f6f2', '#a8202c', '#0b5d4e'], [1, 1, 1]);
  expect(found?.order[1]).toBe(white);
  expect([found?.order[0], found?.order[2]].sort()).toEqual([red, green]);
});
