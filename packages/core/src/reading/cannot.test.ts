import { cannotTell } from './cannot';

const FINE = { pxPerMm: 3, burnt: 0 };
const READ = { sharpestMm: 0.6, unplanned: 0.1 };

test('a good photograph lacks nothing', () => {
  expect(cannotTell(FINE, READ)).toEqual({ nothing: false, fine: true, says: [] });
});

test.each([
  ['too small for cells', { ...FINE, pxPerMm: 0.8 }, READ, /0.8 pixels on a millimetre/, false],
  ['too small for anything', { ...FINE, pxPerMm: 0.2 }, READ, /go nearer/, true],
  ['blurred', FINE, { ...READ, sharpestMm: 4 }, /borders are 4 mm wide/, false],
  ['glaring', { ...FINE, burnt: 0.08 }, READ, /8 % of it is burnt out/, false],
  ['blinding', { ...FINE, burnt: 0.4 }, READ, /turn it away from the lamp/, true],
  ['another piece', FINE, { ...READ, unplanned: 0.8 }, /no colour of the plan/, false],
] as const)('%s: told in words', (_, taken, read, says, nothing) => {
  const cannot = cannotTell(taken, read);
  expect(cannot.says.join(' ')).toMatch(says);
  expect(cannot.nothing).toBe(nothing);
});

test('one without a border tells nothing of how sharp it is', () => {
  expect(cannotTell(FINE, { unplanned: 0 }).fine).toBe(true);
});
