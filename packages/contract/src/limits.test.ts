import { check } from './validators';

const many = (n: number) => Array.from({ length: n }, () => ({}));

test('what is too large is told by its first excess, and judged no further', () => {
  expect(check('Plan', { moves: many(2001) })).toEqual([
    { path: '/moves', message: 'must have at most 2000 entries; it has 2001' },
  ]);
  expect(check('Shelf', { items: many(20_001) })[0]!.message).toMatch(/at most 20000 entries/);
  const deep = Array.from({ length: 30 }).reduce<unknown>((inside) => ({ inside }), 1);
  expect(check('Plan', deep)[0]!.message).toBe('is nested deeper than 24');
  const wide = { mixes: Array.from({ length: 400 }, () => ({ paints: many(400) })) };
  expect(check('Plan', wide)).toEqual([{ path: '', message: 'holds more than 80000 values' }]);
});

test('a list full of faults tells some, not all', () => {
  const faults = check('Shelf', { items: many(15_000) });
  expect(faults.length).toBeGreaterThan(3);
  expect(faults.length).toBeLessThanOrEqual(40);
  // Within every limit, and every entry wrong in every way.
  const wrong = { mixes: Array.from({ length: 390 }, () => ({ additives: many(190) })) };
  expect(check('Plan', wrong).length).toBeLessThanOrEqual(40);
});
