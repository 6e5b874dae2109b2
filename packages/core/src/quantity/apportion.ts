/**
 * Rounds amounts to multiples of `step` so that their sum stays the rounded sum (largest remainder method,
 * Hamilton 1792). Order is kept; ties go to the earlier entry. Amounts must not be negative.
 * @returns as many numbers as came in, each a multiple of `step` within one step of its amount
 */
export function apportion(amounts: readonly number[], step: number): number[] {
  if (!(step > 0)) throw new RangeError(`step must be more than 0; it is ${step}`);
  // 1e-9 keeps 12.999999999 (a float sum) from being floored to 12.
  const floors = amounts.map((a) => Math.floor(a / step + 1e-9));
  const target = Math.round(amounts.reduce((sum, a) => sum + a, 0) / step);
  const missing = target - floors.reduce((sum, f) => sum + f, 0);
  const byRemainder = amounts
    .map((a, index) => ({ index, remainder: a / step - (floors[index] ?? 0) }))
    .sort((a, b) => b.remainder - a.remainder || a.index - b.index);
  for (const { index } of byRemainder.slice(0, Math.max(0, missing)))
    floors[index] = (floors[index] ?? 0) + 1;
  return floors.map((f) => tidy(f * step));
}

/** Rounds one amount to the nearest multiple of `step`. */
export const roundTo = (amount: number, step: number): number =>
  tidy(Math.round(amount / step) * step);

// 3 * 0.1 is 0.30000000000000004 in binary; a scale reads 0.3.
const tidy = (amount: number): number => Number(amount.toFixed(6));
