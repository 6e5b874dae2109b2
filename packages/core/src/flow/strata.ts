import { STREAM_BINS } from '../cup/withdraw';
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

/** Steps of `l` a stream's composition is looked up in. */
const ACROSS = 64;

/**
 * Every stratum of a scene by one number: those of its streams in turn, then its films laid; `mix` is each one's mix.
 * A birth names a stratum, so mixes can change their colours, or places in the cup, without a new trace.
 */
export interface Strata {
  readonly mix: readonly string[];
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

export function strataOf({ primitives, seed }: PourScene): Strata {
  const streams = primitives.filter((p): p is Stream => p.kind === 'stream');
  const mix: string[] = [];
  const looked = streams.map((stream, k) => {
    const first = mix.length;
    mix.push(...stream.mixes);
    return {
      first,
      table: lookup(stream),
      rings: stream.lamination === 'rings',
      seed: seed + 97 * k,
    };
  });
  const laid = new Map<number, number>();
  primitives.forEach((p, i) => {
    if (p.kind !== 'overlay') return;
    laid.set(i, mix.length);
    mix.push(p.mix);
  });
  return {
    mix,
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
        const { first, table, rings } = looked[from]!;
        const ripple = wave[i]!;
        const across = rings
          ? mirror(s[i]! * FOLDS + WAVE_L * ripple)
          : Math.min(1, Math.max(0, 0.5 + 0.5 * xi[i]! + 0.25 * WAVE_L * ripple));
        const bin = clampBin((s[i]! + WAVE_S * ripple) * STREAM_BINS);
        bins[i] = bin;
        stratum[i] =
          first + table[Math.floor(bin) * ACROSS + Math.floor(across * (ACROSS - 1e-3))]!;
      }
      return { stratum, bin: bins };
    },
    change: (source, topBin, lowBin) => {
      const stream = looked[source];
      if (!stream || topBin === lowBin) return 0.5;
      const middle = (bin: number) => stream.table[bin * ACROSS + ACROSS / 2]!;
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

/**
 * Which stratum lies at each share `l` across a portion: strata side by side in the order they went in, each as wide as
 * its part. Row-major, portions × `ACROSS`.
 */
function lookup({ leaves, mixes }: Stream): Uint8Array {
  const table = new Uint8Array(STREAM_BINS * ACROSS);
  for (let bin = 0; bin < STREAM_BINS; bin++) {
    let stratum = 0;
    let upTo = leaves[bin * mixes.length] ?? 0;
    for (let a = 0; a < ACROSS; a++) {
      while (stratum < mixes.length - 1 && upTo < (a + 0.5) / ACROSS)
        upTo += leaves[bin * mixes.length + ++stratum] ?? 0;
      table[bin * ACROSS + a] = stratum;
    }
  }
  return table;
}
