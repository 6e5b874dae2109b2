/** Sums of all that lies above and to the left: (across + 1) × (down + 1), row-major; row and column 0 are 0 (Crow 1984, summed-area tables). */
export type AreaSums = Float64Array;

/** Sums what each of `across` × `down` squares is worth, row-major. */
export function areaSums(across: number, down: number, worth: (i: number) => number): AreaSums {
  const sums = new Float64Array((across + 1) * (down + 1));
  for (let y = 0, i = 0; y < down; y++) {
    let row = 0;
    for (let x = 0, at = (y + 1) * (across + 1) + 1; x < across; x++, i++, at++) {
      row += worth(i);
      sums[at] = sums[at - across - 1]! + row;
    }
  }
  return sums;
}

/** What lies from column `left` to before `right`, and from row `top` to before `low`, of sums over `across` columns. */
export function sumWithin(
  sums: AreaSums,
  across: number,
  [left, right]: readonly [number, number],
  [top, low]: readonly [number, number],
): number {
  const wide = across + 1;
  return (
    sums[low * wide + right]! -
    sums[top * wide + right]! -
    sums[low * wide + left]! +
    sums[top * wide + left]!
  );
}
