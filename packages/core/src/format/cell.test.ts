import fc from 'fast-check';
import { isFormula, meantBy, safeCell } from './cell';

// What spreadsheets run: OWASP's list of formula injection, from memory.
test.each(['=1+1', '+1-1', '-2+3', '@SUM(A1)', '\t=1', ' =1', '\r=1', '-cmd|x', '- 1', '-'])(
  '%j is kept from being run',
  (cell) => {
    expect(isFormula(cell)).toBe(true);
    expect(safeCell(cell)).toBe(`'${cell}`);
  },
);

test.each(['-12', '-0.5', '.5', '12', 'quince', 'a-b', "'", ''])('%j is left as it is', (cell) =>
  expect(safeCell(cell)).toBe(cell),
);

test('no text a cell holds is run, and every one is read back as it was', () =>
  fc.assert(
    fc.property(fc.string(), (text) => {
      expect(isFormula(safeCell(text))).toBe(false);
      expect(meantBy(safeCell(text))).toBe(
        text.startsWith("'") && isFormula(text.slice(1)) ? text.slice(1) : text,
      );
    }),
  ));
