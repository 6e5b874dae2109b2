/** Rows worked through between two yields: a few milliseconds' worth of the slowest work. */
const ROWS = 6;

/**
 * Works through rows, yielding the share done every few. The loop along a row stands in a plain function: the same loop in a generator's body takes
 * five times as long (measured), for engines do not optimise those.
 */
export function* byRows(
  rows: number,
  work: (row: number) => void,
  step = 1,
): Generator<number, void> {
  for (let row = 0, n = 1; row < rows; row += step, n++) {
    if (n % ROWS === 0) yield row / rows;
    work(row);
  }
}
