/** Moves ascending positions apart to at least `gap`, shifting each as little as a single pass down and up allows. */
export function spread(positions: readonly number[], gap: number): number[] {
  const out = [...positions];
  for (let i = 1; i < out.length; i++) out[i] = Math.max(out[i]!, out[i - 1]! + gap);
  // What was pushed past the end comes back up, as far as the last position itself.
  const last = positions.at(-1) ?? 0;
  for (let i = out.length - 1; i >= 0; i--)
    out[i] = Math.min(out[i]!, last - (out.length - 1 - i) * gap);
  return out;
}
