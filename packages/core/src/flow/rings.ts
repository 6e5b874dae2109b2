import type { StrataAlong } from './act/define';

/** Strata of an act that follow one another, in even parts of its paint, `at.length` of them. */
export interface Rings {
  /** Which stratum each part is. */
  readonly at: Uint8Array;
  /** The first part after each that is another stratum, and the last one before it; beyond the ends where there is none. */
  readonly next: Int16Array;
  readonly before: Int16Array;
}

/** Rings with the way from each to the next looked up: a column may cross hundreds of parts and few rings. */
export function ringsOf(at: Uint8Array): Rings {
  const n = at.length;
  const next = new Int16Array(n).fill(n);
  const before = new Int16Array(n).fill(-1);
  for (let i = n - 2; i >= 0; i--) next[i] = at[i + 1] === at[i] ? next[i + 1]! : i + 1;
  for (let i = 1; i < n; i++) before[i] = at[i - 1] === at[i] ? before[i - 1]! : i - 1;
  return { at, next, before };
}

/** Strata that follow one another, `perBin` parts to a bin. */
export function following({ at, next, before }: Rings, perBin: number): StrataAlong {
  return {
    stratum: (bin) => at[Math.floor(bin * perBin)]!,
    along: ({ count, depth, bin }, met) => {
      const room = met.strata.length;
      let found = 0;
      for (let point = 1; point < count; point++) {
        const start = bin[point - 1]! * perBin;
        const end = bin[point]! * perBin;
        const [first, last] = [Math.floor(start), Math.floor(end)];
        if (first === last) continue;
        const perPart = (depth[point]! - depth[point - 1]!) / (end - start);
        const down = last > first;
        let n = (down ? next : before)[first]!;
        while (down ? n <= last && n < at.length : n >= last && n >= 0) {
          if (found === room) return found;
          met.strata[found] = at[n]!;
          met.depth[found++] = depth[point - 1]! + ((down ? n : n + 1) - start) * perPart;
          n = (down ? next : before)[n]!;
        }
      }
      return found;
    },
  };
}
