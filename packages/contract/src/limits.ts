import type { Fault } from '@potter/core/schema';

/** How large a value may be before it is looked at any closer. */
export interface Limits {
  /** Objects, lists and plain values in it, all together. */
  readonly values: number;
  /** Entries of one list. */
  readonly list: number;
}

/** The largest plan the format allows for (48 cups of 120 layers, 400 moves, 400 pictures), or a studio with 2,000 reactions noted. */
export const DOCUMENT: Limits = { values: 80_000, list: 2000 };
/** A shelf of twenty thousand things; a list of all the studio's plans. */
export const TABLE: Limits = { values: 2_000_000, list: 20_000 };

/** Deeper than any document of ours. */
const DEPTH = 24;

/**
 * What makes a value too large to be judged: its depth, its lists, its number of values. Counted in one go and left at the first excess,
 * so that nothing sent costs more than its own length.
 */
export function excess(value: unknown, { values, list }: Limits): Fault | undefined {
  let count = 0;
  const open: { readonly value: unknown; readonly path: string; readonly depth: number }[] = [
    { value, path: '', depth: 0 },
  ];
  for (let at = open.pop(); at; at = open.pop()) {
    const { value: found, path, depth } = at;
    if (++count > values) return { path: '', message: `holds more than ${values} values` };
    if (typeof found !== 'object' || found === null) continue;
    if (depth >= DEPTH) return { path, message: `is nested deeper than ${DEPTH}` };
    if (Array.isArray(found)) {
      if (found.length > list)
        return { path, message: `must have at most ${list} entries; it has ${found.length}` };
      found.forEach((inside, i) =>
        open.push({ value: inside, path: depth < 3 ? `${path}/${i}` : path, depth: depth + 1 }),
      );
    } else
      for (const key in found)
        open.push({
          value: (found as Record<string, unknown>)[key],
          path: depth < 3 ? `${path}/${key}` : path,
          depth: depth + 1,
        });
  }
  return undefined;
}
