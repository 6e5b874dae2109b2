import { arrange } from './arrange';
import { borderLengths } from './lengths';

test('side by side all borders are alike; ring in ring the outermost is longest, as circles round equal areas are', () => {
  expect(borderLengths(4)).toEqual([1, 1, 1]);
  const [inner, middle, outer] = borderLengths(4, 'first-amid');
  // Radii of 1, 2 and 3 of four equal areas.
  expect(outer).toBe(1);
  expect(middle! / outer!).toBeCloseTo(Math.sqrt(2 / 3), 12);
  expect(inner! / outer!).toBeCloseTo(Math.sqrt(1 / 3), 12);
  expect(borderLengths(4, 'last-amid')).toEqual([outer, middle, inner]);
  expect(borderLengths(1, 'first-amid')).toEqual([]);
});

test('of orders alike in their worst pair, the one whose best border is longest is found', () => {
  // Two pairs that get on, one that does not get in the way of either.
  const hexes = ['#f7f6f2', '#1c2a4a', '#8a8f96', '#6f747a'];
  const lies = ['first-amid', 'last-amid'] as const;
  const [outward, inward] = lies.map((lie) =>
    arrange(hexes, [1, 1, 1, 1], { school: 'contrast', lies: lie })!,
  );
  const orderOf = ({ layers }: typeof outward & {}) => layers.map(({ colour }) => colour);
  expect(orderOf(outward!)).toEqual([...orderOf(inward!)].reverse());
  expect(outward!.weakest).toBe(inward!.weakest);
  expect(outward!.mean).toBeCloseTo(inward!.mean, 12);
  const even = arrange(hexes, [1, 1, 1, 1], { school: 'contrast' })!;
  expect(outward!.mean).toBeGreaterThanOrEqual(even.mean - 1e-12);
});
