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
    between: (way, { strata, shares }) => {
      const start = way[0]! * perBin;
      const end = way[2]! * perBin;
      const last = Math.floor(end);
      const room = strata.length;
      let met = 0;
      if (end > start)
        for (let n = next[Math.floor(start)]!; n <= last && n < at.length && met < room; met++) {
          strata[met] = at[n]!;
          shares[met] = (n - start) / (end - start);
          n = next[n]!;
        }
      else
        for (let n = before[Math.floor(start)]!; n >= last && n >= 0 && met < room; met++) {
          strata[met] = at[n]!;
          shares[met] = (n + 1 - start) / (end - start);
          n = before[n]!;
        }
      return met;
    },
  };
}
