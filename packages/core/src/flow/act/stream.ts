import { type Outlet, STREAM_BINS, type Stratum, withdraw } from '../../cup/withdraw';
import { lengthOfLine } from '../../surface/path';
import { addFootprint, type Disc, meet, spotAt } from '../disc';
import { frames } from '../frames';
import { tilted } from '../grid';
import { fractal } from '../noise';
import type { ActDefinition } from './define';

/** Paint arriving from above on a disc that may move. */
export interface Stream {
  readonly kind: 'stream';
  /** Where it goes, followed evenly. */
  readonly pathMm: readonly (readonly [number, number])[];
  /** Radius of the disc at shares of its paint, 0..1, straight between them. */
  readonly radiusMm: readonly { readonly at: number; readonly mm: number }[];
  /** How far the disc strays from its path. */
  readonly strayMm: number;
  readonly s: number;
  /** Fills the film to the ground where it stands, as a cup turned over does; else it lies on what is there. */
  readonly core: boolean;
  /** The cup it comes from: its strata, first in first, how far they were stirred, how it empties. See `withdraw`. */
  readonly strata: readonly (Stratum & { readonly mix: string })[];
  readonly stir: number;
  readonly outlet: Outlet;
  /** How strata lie across the stream: as rings round it, or stacked toward the pouring side. */
  readonly lamination: 'rings' | 'stack';
}

/** All a stream brings, mL. */
export const streamMl = ({ strata }: Stream): number => strata.reduce((sum, l) => sum + l.ml, 0);

/** Share of its radius a stream may move in one frame, and the frames it is poured in at the least. */
const STREAM_SHARE = 0.7;
const LEAST_FRAMES = 24;
/** Folds of part-mixed paint in a stream, and how wavy the layers of a stream are (tuned; flow draws the waves out into marbling). */
const FOLDS = 9;
const WAVE_S = 0.028;
const WAVE_L = 0.3;
/** Waves round the stream, and along its paint. */
const ROUND = 1.6;
const ALONG = 5;
/** Sets the chances of one stream off from those of the next. */
const NEXT_SEED = 97;

export const stream: ActDefinition<Stream> = {
  id: 'stream',
  weight: ({ s }) => s,
  brings: ({ strata }) => strata,
  key: (act) => ({ ...act, strata: act.strata.map(({ ml, dive }) => [ml, dive]) }),
  began: (act, { site, seed }) => {
    const { x, y } = spotAt(act, 0, site, seed);
    return [x, y];
  },
  *run(act, under) {
    const { kernel, site, seed, source } = under;
    const rate = (streamMl(act) * 1e-6) / act.s;
    const level = tilted(under.nu);
    const cellsPerS = lengthOfLine(act.pathMm) / site.cellMm / act.s;
    under.laid(streamMl(act) * 1e-6);
    yield* frames(under, {
      s: act.s,
      felt: 1,
      driveAt: () => level,
      longestS: (t) => {
        const { r } = spotAt(act, t / act.s, site, seed);
        return Math.min(act.s / LEAST_FRAMES, (STREAM_SHARE * r) / Math.max(cellsPerS, 1e-9));
      },
      pours: {
        onto: !act.core,
        disc: (t, seconds): Disc => {
          const from = spotAt(act, t / act.s, site, seed);
          const to = spotAt(act, (t + seconds) / act.s, site, seed);
          const meanR = ((from.r + to.r) / 2) * site.grid.dx;
          const disc = {
            from,
            to,
            core: act.core,
            peakM: (2 * rate * seconds) / (Math.PI * meanR * meanR),
          };
          kernel.film.source.fill(0);
          addFootprint(kernel.film.source, disc, site, rate);
          return disc;
        },
        meet: (traced, disc, frame) => meet(traced, disc, source, frame),
      },
    });
    kernel.film.source.fill(0);
  },
  strata: (act, seed, nth) => {
    const upTo = cumulative(act);
    const width = act.strata.length;
    const own = seed + NEXT_SEED * nth;
    const rings = act.lamination === 'rings';
    return {
      wave: (s, xi, eta) => fractal(ROUND * xi, ROUND * eta, ALONG * s, own),
      bin: (s, wave) => clampBin((s + WAVE_S * wave) * STREAM_BINS),
      stratum: (bin, s, xi, wave) =>
        stratumAt(
          upTo,
          width,
          bin,
          rings
            ? // The last in leads at the beginning, the first in at the end.
              mirror(1 + s * FOLDS + WAVE_L * wave)
            : Math.min(1, Math.max(0, 0.5 + 0.5 * xi + 0.25 * WAVE_L * wave)),
        ),
      change: (topBin, lowBin) => {
        if (topBin === lowBin) return 0.5;
        const middle = (bin: number) => stratumAt(upTo, width, bin, 0.5);
        const way = lowBin > topBin ? 1 : -1;
        const from = Math.floor(topBin);
        for (let bin = from; bin !== Math.floor(lowBin) + way; bin += way)
          if (middle(bin) !== middle(from))
            return Math.min(1, Math.max(0, (bin + (way < 0 ? 1 : 0) - topBin) / (lowBin - topBin)));
        return 0.5;
      },
    };
  },
};

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
