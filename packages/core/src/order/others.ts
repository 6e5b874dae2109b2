import { arrange, type Arranged, type OrderWish } from './arrange';

/** Every alternative costs a solution without one of the pairs that touch; no more than these are tried. */
const MOST_TRIED = 8;

/**
 * The next best orders after one that was found: each lacks a pair that touches in it, and does best without. Mirror images and rearrangements of the
 * very same pairs are no alternative.
 * @param most how many
 */
export function othersThan(
  found: Arranged,
  hexes: readonly string[],
  counts: readonly number[],
  wish: OrderWish,
  most = 2,
): Arranged[] {
  const touching = pairsOf(found);
  const seen = new Set([touching.map(String).sort().join(' ')]);
  return touching
    .slice(0, MOST_TRIED)
    .flatMap(
      (pair) => arrange(hexes, counts, { ...wish, apart: [...(wish.apart ?? []), pair] }) ?? [],
    )
    .sort((a, b) => b.weakest - a.weakest || b.mean - a.mean)
    .filter((other) => {
      const key = pairsOf(other).map(String).sort().join(' ');
      return !seen.has(key) && seen.add(key);
    })
    .slice(0, most);
}

/** The pairs that touch in an order, each once; what has a separator between does not touch. */
function pairsOf({ layers }: Arranged): [number, number][] {
  const colours = layers.map((l) => l.colour);
  const pairs = new Map<string, [number, number]>();
  colours.slice(1).forEach((c, i) => {
    const pair: [number, number] = [Math.min(colours[i]!, c), Math.max(colours[i]!, c)];
    pairs.set(String(pair), pair);
  });
  return [...pairs.values()];
}
