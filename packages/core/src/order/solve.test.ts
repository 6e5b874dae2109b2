import fc from 'fast-check';
import { type OrderTask, solveOrder } from './solve';

/** Every order there is, tried one by one. */
function exhaustive({ counts, score, first, last, spacing = 1, lengths, facing }: OrderTask) {
  let best: { weakest: number; total: number } | undefined;
  const length = counts.reduce((a, b) => a + b, 0);
  const go = (order: number[], left: number[]) => {
    if (order.length === length) {
      if (last !== undefined && order.at(-1) !== last) return;
      const steps = order.slice(1).map((c, i) => score[order[i]!]![c]!);
      const outside = facing
        ? [facing.score[facing.end === 'first' ? order[0]! : order.at(-1)!]!]
        : [];
      const weakest = Math.min(Infinity, ...steps, ...outside);
      const total = steps.reduce((a, b, i) => a + b * (lengths?.[i] ?? 1), outside[0] ?? 0);
      if (weakest === -Infinity) return;
      if (!best || weakest > best.weakest || (weakest === best.weakest && total > best.total))
        best = { weakest, total };
      return;
    }
    left.forEach((n, c) => {
      if (
        n === 0 ||
        order.slice(-spacing).includes(c) ||
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

/** Small cases with repeats, pins, pairs that may not touch, directions that count, and spacing. */
const task = fc.integer({ min: 1, max: 4 }).chain((n) =>
  fc.record(
    {
      counts: fc.array(fc.integer({ min: 1, max: 2 }), { minLength: n, maxLength: n }),
      score: fc.array(
        fc.array(
          fc.oneof(
            { weight: 5, arbitrary: fc.integer({ min: 0, max: 9 }) },
            { weight: 1, arbitrary: fc.constant(-Infinity) },
          ),
          { minLength: n, maxLength: n },
        ),
        { minLength: n, maxLength: n },
      ),
      first: fc.integer({ min: 0, max: n - 1 }),
      last: fc.integer({ min: 0, max: n - 1 }),
      spacing: fc.integer({ min: 1, max: 3 }),
      // Halves and wholes, so that sums are exact.
      lengths: fc.array(fc.constantFrom(0.25, 0.5, 1), { minLength: 7, maxLength: 7 }),
      facing: fc.record({
        end: fc.constantFrom('first', 'last'),
        score: fc.array(fc.constantFrom(-Infinity, 0, 3, 6, 9), { minLength: n, maxLength: n }),
      }),
    },
    { requiredKeys: ['counts', 'score'] },
  ),
);

test('equals trying every order, with repeats, pins, forbidden pairs and spacing', () => {
  fc.assert(
    fc.property(task, (asked) => {
      const expected = exhaustive(asked);
      const found = solveOrder(asked);
      expect(found && { weakest: found.weakest, total: found.total }).toEqual(expected);
      if (!found) return;
      const { order } = found;
      asked.counts.forEach((n, c) => expect(order.filter((o) => o === c)).toHaveLength(n));
      if (asked.first !== undefined) expect(order[0]).toBe(asked.first);
      if (asked.last !== undefined) expect(order.at(-1)).toBe(asked.last);
      order.forEach((c, i) =>
        expect(order.slice(Math.max(0, i - (asked.spacing ?? 1)), i)).not.toContain(c),
      );
    }),
    { numRuns: 'POTTER_FULL' in globalThis ? 3000 : 300 },
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
