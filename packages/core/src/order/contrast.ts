import { neighbours } from '../optics/neighbour';
import { type OrderFound, solveOrder } from './solve';

/**
 * Best order of colours under the contrast school: unlike and clean neighbours together.
 * @param hexes masstone of each colour
 * @param counts how often each occurs
 */
export function contrastOrder(
  hexes: readonly string[],
  counts: readonly number[],
  pins: { readonly first?: number; readonly last?: number } = {},
): OrderFound | undefined {
  const score = hexes.map((a) => hexes.map((b) => neighbours(a, b).score));
  return solveOrder({ counts, score, ...pins });
}
