/** Never born: bare, or off the surface. The largest number of sixteen bits; acts and strata are numbered below it. */
export const NONE = 0xffff;

/**
 * Where paint came from, one entry a place. `source`: which of the scene's acts, at most `MOST_ACTS` of them, or `NONE`. `s`: share
 * of its paint that had left. `xi`, `eta`: where in the stream, −1..1 across its disc. `wave`: see `Strata`; not
 * written by the trace.
 */
export interface Births {
  readonly source: Uint16Array;
  readonly s: Float32Array;
  readonly xi: Float32Array;
  readonly eta: Float32Array;
  readonly wave: Float32Array;
}

export function emptyBirths(count: number): Births {
  return {
    source: new Uint16Array(count).fill(NONE),
    s: new Float32Array(count),
    xi: new Float32Array(count),
    eta: new Float32Array(count),
    wave: new Float32Array(count),
  };
}

/** Writes what the trace found of one place. */
export function writeBirth(
  births: Births,
  at: number,
  source: number,
  s: number,
  xi: number,
  eta: number,
): void {
  births.source[at] = source;
  births.s[at] = s;
  births.xi[at] = xi;
  births.eta[at] = eta;
}

/** Writes one birth over another. */
export function copyBirth(from: Births, i: number, to: Births, j: number): void {
  to.source[j] = from.source[i]!;
  to.s[j] = from.s[i]!;
  to.xi[j] = from.xi[i]!;
  to.eta[j] = from.eta[i]!;
  to.wave[j] = from.wave[i]!;
}

/** Places to trace: where in the births each goes, and where it is; x, y in cells, z = height ÷ wet height. */
export interface Places {
  readonly index: Int32Array;
  readonly x: Float32Array;
  readonly y: Float32Array;
  readonly z: Float32Array;
  readonly count: number;
  /** The last step that happened to each, the latest first; absent where they are as the whole pour left them. */
  readonly since?: Int32Array;
  /** How far through that step each is where it is: 0 its beginning, 1 its end; absent where all are at its end. */
  readonly until?: Float32Array;
}

/** Of `Places.since`: all steps there are. */
export const ALWAYS = 0x7fffffff;
