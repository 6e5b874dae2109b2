import type { Cores } from './cores';
import { type Correlated, MOST_KNOTS } from './correlated';

/** Room for a core's knots, and for one past the last. */
const PAST = 256;
/** Knots nearer to each other than this share of their run are one. */
const SAME_DEPTH = 1e-3;
/** A knot at the surface off the line between others by no more than this, in bins and across its stream, tells nothing. */
const STRAIGHT_BINS = 0.05;
const STRAIGHT_ACROSS = 0.001;
/** Many times that where it lies deep: so many times at the ground. */
const HIDDEN = 20;

/** Where in each of four cores a run lies: its knots, `from` to before `upTo`, and how high it ends. */
export interface Stretches {
  readonly from: Int32Array;
  readonly upTo: Int32Array;
  readonly lows: Float64Array;
}

export const emptyStretches = (): Stretches => ({
  from: new Int32Array(4),
  upTo: new Int32Array(4),
  lows: new Float64Array(4),
});

/** Writes the knots of four cores that are told by the same runs, run by run; of a run whose `tops` and `has` are written. */
export function knotWriter(
  cores: Pick<Cores, 'z' | 'bin' | 'acrossStream'>,
  out: Correlated,
): (run: number, firstKnot: number, at: Stretches) => number {
  const { z, bin, acrossStream } = cores;
  const next = new Int32Array(4);
  /** How far down in the run that is written each knot of a corner lies, 0..1, and beyond all after the last. */
  const depths = new Float64Array(4 * PAST);

  /**
   * Writes the knots of a run, at every depth at which one of the corners has one: each corner is told just as its own core has it, so that cells side
   * by side agree on their border. Those that tell nothing are left out. @returns the next free one
   */
  function write(run: number, firstKnot: number, { from, upTo, lows }: Stretches): number {
    for (let c = 0; c < 4; c++) {
      const own = (next[c] = c * PAST);
      if (!out.has[4 * run + c]) {
        depths[own] = Infinity;
        continue;
      }
      const first = from[c]!;
      const top = out.tops[4 * run + c]!;
      const per = top > lows[c]! ? 1 / (top - lows[c]!) : 0;
      for (let k = first; k < upTo[c]!; k++) depths[own + k - first] = per * (top - z[k]!);
      depths[own + upTo[c]! - first] = Infinity;
    }
    let knot = firstKnot;
    for (; knot < MOST_KNOTS; knot++) {
      let depth = Infinity;
      for (let c = 0; c < 4; c++) {
        const own = depths[next[c]!]!;
        if (own < depth) depth = own;
      }
      if (depth === Infinity) break;
      out.depth[knot] = depth;
      for (let c = 0; c < 4; c++) {
        if (!out.has[4 * run + c]) continue;
        while (depths[next[c]!]! < depth + SAME_DEPTH) next[c]!++;
        writeAt(c, from[c]!, depth, 4 * knot + c);
      }
    }
    return thinned(run, firstKnot, knot, lows);
  }

  /** Writes what lies so far down in a run of a corner, between its knots. */
  function writeAt(c: number, first: number, depth: number, to: number): void {
    // Each begins with a knot, so there is one above; below its last it is as there.
    const past = next[c]!;
    const above = first + past - c * PAST - 1;
    const [high, low] = [depths[past - 1]!, depths[past]!];
    const share = low === Infinity ? 0 : Math.max(0, (depth - high) / (low - high));
    const below = share > 0 ? above + 1 : above;
    out.bin[to] = bin[above]! + (bin[below]! - bin[above]!) * share;
    out.acrossStream[to] =
      acrossStream[above]! + (acrossStream[below]! - acrossStream[above]!) * share;
  }

  /** Leaves out knots that lie on a straight line between others, in every corner. @returns the next free one */
  function thinned(run: number, first: number, past: number, lows: Float64Array): number {
    let anchor = first;
    let free = Math.min(first + 1, past);
    for (let k = first + 1; k < past; k++) {
      if (k + 1 < past && straight(run, anchor, k + 1, lows)) continue;
      anchor = k;
      out.depth[free] = out.depth[k]!;
      out.bin.copyWithin(4 * free, 4 * k, 4 * k + 4);
      out.acrossStream.copyWithin(4 * free, 4 * k, 4 * k + 4);
      free++;
    }
    return free;
  }

  /** How far below the surface a place of a run is, where it is least so, a share of the film. */
  function leastDeep(run: number, depth: number, lows: Float64Array): number {
    let least = 1;
    for (let c = 0; c < 4; c++) {
      const top = out.tops[4 * run + c]!;
      if (out.has[4 * run + c]) least = Math.min(least, 1 - top + depth * (top - lows[c]!));
    }
    return least;
  }

  /** Whether all between two knots lie on a line between them, in every corner that has the run. */
  function straight(run: number, top: number, low: number, lows: Float64Array): boolean {
    const whole = out.depth[low]! - out.depth[top]!;
    const much = 1 + HIDDEN * leastDeep(run, out.depth[top]!, lows);
    for (let k = top + 1; k < low; k++) {
      const share = (out.depth[k]! - out.depth[top]!) / whole;
      for (let c = 0; c < 4; c++) {
        if (!out.has[4 * run + c]) continue;
        if (bowed(out.bin, top, low, k, c, share) > much * STRAIGHT_BINS) return false;
        if (bowed(out.acrossStream, top, low, k, c, share) > much * STRAIGHT_ACROSS) return false;
      }
    }
    return true;
  }

  return write;
}

/** How far a knot is off the line between two others, of one corner. */
const bowed = (
  of: Float32Array,
  top: number,
  low: number,
  k: number,
  corner: number,
  share: number,
): number => {
  const above = of[4 * top + corner]!;
  return Math.abs(above + (of[4 * low + corner]! - above) * share - of[4 * k + corner]!);
};
