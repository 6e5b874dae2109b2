/** A spreadsheet takes a cell that begins so for a formula, also after a space or a tab; a plain number it does not. */
const FORMULA = /^\s*[=+@-]|^[\t\r]/;
const PLAIN_NUMBER = /^-?\d*\.?\d+$/;

/** Whether a spreadsheet would run this cell. */
export const isFormula = (cell: string): boolean => FORMULA.test(cell) && !PLAIN_NUMBER.test(cell);

/** A text as a cell that no spreadsheet runs: with an apostrophe before it where it would. */
export const safeCell = (cell: string): string => (isFormula(cell) ? `'${cell}` : cell);

/** A cell as it was meant, without the apostrophe that kept it from being run. */
export const meantBy = (cell: string): string =>
  cell.startsWith("'") && isFormula(cell.slice(1)) ? cell.slice(1) : cell;
