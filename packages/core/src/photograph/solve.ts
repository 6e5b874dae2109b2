/** Pivots smaller than this, beside the largest entry, are none. */
const NOTHING = 1e-12;

/** Solves as many equations as unknowns, each row with its right side last, by elimination with the largest pivot; undefined where they depend on one another. */
export function solve(rows: number[][]): number[] | undefined {
  const n = rows.length;
  const scale = Math.max(...rows.flat().map(Math.abs));
  for (let k = 0; k < n; k++) {
    let best = k;
    for (let i = k + 1; i < n; i++)
      if (Math.abs(rows[i]![k]!) > Math.abs(rows[best]![k]!)) best = i;
    [rows[k], rows[best]] = [rows[best]!, rows[k]!];
    const pivot = rows[k]![k]!;
    if (Math.abs(pivot) <= NOTHING * scale) return undefined;
    for (let i = 0; i < n; i++) {
      if (i === k) continue;
      const times = rows[i]![k]! / pivot;
      for (let j = k; j <= n; j++) rows[i]![j] = rows[i]![j]! - times * rows[k]![j]!;
    }
  }
  return rows.map((row, k) => row[n]! / row[k]!);
}
