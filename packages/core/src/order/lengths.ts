/** Where the layers of a cup come to lie: ring in ring, the first that went in or the last in the middle; or, side by side, none more than another. */
export type Lies = 'first-amid' | 'last-amid' | 'bands';

/**
 * How long the borders of so many equal layers are on the surface, bottom to top, the longest 1. Ring in ring each is as long as the circle round
 * what lies within it: √(its share of all).
 */
export function borderLengths(layers: number, lies: Lies = 'bands'): readonly number[] {
  const within = (k: number): number =>
    lies === 'bands' ? 1 : (lies === 'first-amid' ? k : layers - k) / layers;
  const lengths = Array.from({ length: Math.max(0, layers - 1) }, (_, i) =>
    Math.sqrt(within(i + 1)),
  );
  const longest = Math.max(...lengths);
  return lengths.map((length) => length / longest);
}
