import { STREAM_BINS, withdraw } from '../cup/withdraw';
import { fractal } from './noise';
import type { PourScene, Stream } from './primitive';
import { type Births, LAID, NONE } from './trace';

/** Folds of part-mixed paint in a stream, and how wavy the layers of a stream are (tuned; flow draws the waves out into marbling). */
const FOLDS = 9;
const WAVE_S = 0.028;
const WAVE_L = 0.3;
/** Waves round the stream, and along its paint. */
const ROUND = 1.6;
const ALONG = 5;

/** Mix of every stratum of a scene by its number: those of its streams in turn, then its films laid. */
export const mixesOf = ({ primitives }: PourScene): readonly string[] => [
  ...primitives.flatMap((p) => (p.kind === 'stream' ? p.strata.map((l) => l.mix) : [])),
  ...primitives.flatMap((p) => (p.kind === 'overlay' ? [p.mix] : [])),
];

/**
 * Every stratum of a scene by one number, as `mixesOf` counts them. A birth names a stratum, so mixes can change their
 * colours, or places in the cup, without a new trace.
 */
export interface Strata {
  /** The wave of the layers where a birth left its stream, −1..1; smooth, so it may be taken between births that agree. */
  readonly wave: (births: Births, index: number) => number;
  /** Finds where births lie in their cups. */
  readonly place: (births: Births) => Placed;
  /** How far down from one birth to another of the same stream the stratum changes, 0..1; half way where that cannot be told. */
  readonly change: (source: number, topBin: number, lowBin: number) => number;
}

/** Where births lie in their cups, one entry each. */
export interface Placed {
  /** Its stratum; `NONE` for none. */
  readonly stratum: Uint8Array;
  /** How much of its stream had left, waves and all, in bins of `STREAM_BINS`; 0 where it came from no stream. */
  readonly bin: Float32Array;
}

export function strataOf(scene: PourScene): Strata {
  const { primitives, seed } = scene;
  const streams = primitives.filter((p): p is Stream => p.kind === 'stream');
  let count = 0;
  const looked = streams.map((stream, k) => {
    const first = count;
    count += stream.strata.length;
    return {
      first,
      width: stream.strata.length,
      upTo: cumulative(stream),
      rings: stream.lamination === 'rings',
      seed: seed + 97 * k,
    };
  });
  const laid = new Map<number, number>();
  primitives.forEach((p, i) => {
    if (p.kind !== 'overlay') return;
    laid.set(i, count++);
  });
  return {
    wave: ({ source, s, xi, eta }, i) => {
      const stream = looked[source[i]!];
      return stream ? fractal(ROUND * xi[i]!, ROUND * eta[i]!, ALONG * s[i]!, stream.seed) : 0;
    },
    place: ({ source, s, xi, wave }) => {
      const stratum = new Uint8Array(source.length);
      const bins = new Float32Array(source.length);
      for (let i = 0; i < source.length; i++) {
        const from = source[i]!;
        if (from >= LAID) {
          stratum[i] = from === NONE ? NONE : (laid.get(from - LAID) ?? NONE);
          continue;
        }
        const { first, width, upTo, rings } = looked[from]!;
        const ripple = wave[i]!;
        const across = rings
          ? // The last in leads at the beginning, the first in at the end.
            mirror(1 + s[i]! * FOLDS + WAVE_L * ripple)
          : Math.min(1, Math.max(0, 0.5 + 0.5 * xi[i]! + 0.25 * WAVE_L * ripple));
        const bin = clampBin((s[i]! + WAVE_S * ripple) * STREAM_BINS);
        bins[i] = bin;
        stratum[i] = first + stratumAt(upTo, width, bin, across);
      }
      return { stratum, bin: bins };
    },
    change: (source, topBin, lowBin) => {
      const stream = looked[source];
      if (!stream || topBin === lowBin) return 0.5;
      const middle = (bin: number) => stratumAt(stream.upTo, stream.width, bin, 0.5);
      const way = lowBin > topBin ? 1 : -1;
      const from = Math.floor(topBin);
      for (let bin = from; bin !== Math.floor(lowBin) + way; bin += way)
        if (middle(bin) !== middle(from))
          return Math.min(1, Math.max(0, (bin + (way < 0 ? 1 : 0) - topBin) / (lowBin - topBin)));
      return 0.5;
    },
  };
}

const clampBin = (bin: number): number => Math.min(STREAM_BINS - 1e-3, Math.max(0, bin));

/** A number folded back and forth into 0..1. */
function mirror(l: number): number {
  const into = l - 2 * Math.floor(l / 2);
  return into > 1 ? 2 - into : into;
}

/** By bin: the share of a portion all strata up to each one make. Row-major, portions × strata; one more row than there are bins. */
function cumulative({ strata, stir, outlet }: Stream): Float32Array {
  const width = strata.length;
  const leaves = withdraw(strata, stir, outlet);
  const upTo = new Float32Array((STREAM_BINS + 1) * width);
  for (let bin = 0; bin <= STREAM_BINS; bin++) {
    let sum = 0;
    for (let k = 0; k < width; k++) {
      sum += leaves[Math.min(bin, STREAM_BINS - 1) * width + k] ?? 0;
      upTo[bin * width + k] = sum;
    }
  }
  return upTo;
}

/**
 * Which stratum lies at a share `across` of a portion: strata side by side in the order they went in, each as wide as its part,
 * straight between one bin and the next.
 */
function stratumAt(upTo: Float32Array, width: number, bin: number, across: number): number {
  const from = Math.floor(bin);
  const share = bin - from;
  const row = from * width;
  let k = 0;
  while (
    k < width - 1 &&
    upTo[row + k]! + share * (upTo[row + width + k]! - upTo[row + k]!) <= across
  )
    k++;
  return k;
}
