import { hexToOklch } from './oklch';

/** A colour so dark and of so little chroma is dull (OKLCh, estimates); beside colours of so much chroma on the whole it tells. */
const DARK_L = 0.48;
const DULL_C = 0.06;
const LIVELY_C = 0.08;

/**
 * Whether a colour dulls all of a palette where it lies both outermost and inmost: a dull dark among lively colours (common practice, no
 * published source).
 */
export function dullsAll(hex: string, others: readonly string[]): boolean {
  const { l, c } = hexToOklch(hex);
  if (l >= DARK_L || c >= DULL_C || others.length === 0) return false;
  return others.reduce((sum, o) => sum + hexToOklch(o).c, 0) / others.length >= LIVELY_C;
}
