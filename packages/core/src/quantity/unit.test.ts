import fc from 'fast-check';
import { between } from '../between.test-data';
import { fromUnit, toUnit, unitOf, UNITS } from './unit';

// Exact definitions: NIST SP 811 (2008), appendix B.
test.each([
  ['us-floz', 29.5735295625],
  ['imp-floz', 28.4130625],
  ['us-cup', 236.5882365],
  ['us-tbsp', 14.78676478125],
  ['us-tsp', 4.92892159375],
  ['in', 25.4],
  ['ft', 304.8],
  ['oz', 28.349523125],
  ['lb', 453.59237],
])('one %s is %d base units', (id, base) => expect(unitOf(id).base).toBe(base));

test('US measures of volume fit into each other and into the cubic inch', () => {
  expect(8 * unitOf('us-floz').base).toBeCloseTo(unitOf('us-cup').base, 10);
  expect(2 * unitOf('us-tbsp').base).toBeCloseTo(unitOf('us-floz').base, 10);
  expect(3 * unitOf('us-tsp').base).toBeCloseTo(unitOf('us-tbsp').base, 10);
  // A US gallon is 231 in³ and 128 fl oz.
  expect(128 * unitOf('us-floz').base).toBeCloseTo(231 * 16.387064, 8);
});

test('there and back is where one began', () => {
  fc.assert(
    fc.property(fc.constantFrom(...UNITS), between(-1e6, 1e6), (unit, amount) => {
      expect(toUnit(fromUnit(amount, unit.id), unit.id)).toBeCloseTo(amount, 6);
    }),
  );
});

test('an unknown unit is named, with those there are', () =>
  expect(() => unitOf('pint')).toThrow(/no unit "pint"; there are g, kg/));
