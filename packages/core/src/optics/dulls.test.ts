import { dullsAll } from './dulls';

// Handbook 11: a dull dark first and last dulls the whole pour (common practice, no published source).
const LIVELY = ['#d8a526', '#c01f28', '#1f9aa3'];

test('a dull dark dulls lively colours; a lively dark, a pale neutral and greys among greys do not', () => {
  expect(dullsAll('#3d464c', LIVELY)).toBe(true);
  expect(dullsAll('#42291f', LIVELY)).toBe(true);
  expect(dullsAll('#1d2490', LIVELY)).toBe(false);
  expect(dullsAll('#e4d8c2', LIVELY)).toBe(false);
  expect(dullsAll('#3d464c', ['#808080', '#e8e8e8'])).toBe(false);
  expect(dullsAll('#3d464c', [])).toBe(false);
});
