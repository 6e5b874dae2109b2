import fc from 'fast-check';
import { between } from '../../between.test-data';
import { cameFrom, overturn, turned } from './overturn';

const from = new Float64Array(2);
const came = (age: number, rho: number, depth: number): [number, number] => {
  cameFrom(overturn(age), rho, depth, from);
  return [from[0]!, from[1]!];
};

test('in a unit of time what lies over the middle thins by e', () => {
  const depth = 1e-4;
  expect(1 - turned(0, 1 - depth, -1)[1]).toBeCloseTo(depth * Math.E, 6);
});

test('forth and back again is where it was, within a cell and nowhere else', () => {
  const inside = between(0, 1);
  fc.assert(
    fc.property(inside, inside, between(0, 6), (rho, zeta, age) => {
      const [r, z] = turned(...turned(rho, zeta, age), -age);
      expect(r).toBeCloseTo(rho, 3);
      expect(z).toBeCloseTo(zeta, 3);
      expect(turned(1, zeta, age)).toEqual([1, zeta]);
    }),
    { numRuns: 100 },
  );
});

test('the stream function of a place is that of where it came from', () => {
  const psi = ([r, z]: readonly [number, number]) =>
    0.5 * r * r * (1 - r * r) ** 2 * z * z * (1 - z) * (3 - 2 * z);
  for (const age of [0.5, 2, 5])
    for (const rho of [0.2, 0.5, 0.8])
      for (const zeta of [0.3, 0.7, 0.95])
        expect(psi(turned(rho, zeta, -age))).toBeCloseTo(psi([rho, zeta]), 5);
});

// The volume of a film that lay on top, over all places of a cell: nothing of it is lost as it turns.
test.each([
  [1, 0.2],
  [3, 0.2],
  [6, 0.2],
  [3, 0.5],
  [6, 0.5],
])('after %d the paint of the upper %d of the film is all there', (age, share) => {
  const places = 160;
  let upper = 0;
  let all = 0;
  for (let n = 0; n < places; n++)
    for (let m = 0; m < places; m++) {
      const rho = (n + 0.5) / places;
      all += rho;
      if (came(age, rho, (m + 0.5) / places)[1] < share) upper += rho;
    }
  expect(Math.abs(upper / all / share - 1)).toBeLessThan(0.03);
});

test('older cells are open wider, and never to their rim', () => {
  const open = (age: number) => {
    let rho = 0;
    while (rho < 1 && came(age, rho, 0.015)[1] > 0.2) rho += 0.01;
    return rho;
  };
  const widths = [3, 4, 5, 6, 8].map(open);
  expect(widths).toEqual([...widths].sort((a, b) => a - b));
  expect(widths[0]).toBeGreaterThan(0.2);
  expect(widths.at(-1)).toBeLessThan(0.97);
});
