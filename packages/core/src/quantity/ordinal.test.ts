import { ordinal } from './ordinal';

test.each([
  [1, 'first'],
  [12, 'twelfth'],
  [13, '13th'],
  [21, '21st'],
  [22, '22nd'],
  [103, '103rd'],
  [111, '111th'],
  [30, '30th'],
])('%d is said %s', (n, said) => expect(ordinal(n)).toBe(said));
