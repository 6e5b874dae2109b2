/** Equal shares a cup is cut into, from the first that leaves to the last. */
export const STREAM_BINS = 240;

/** How a cup empties. Tuned so that pictures read as poured; not measured. */
export interface Outlet {
  readonly from: 'top' | 'bottom';
  /** Depth paint is drawn from beside the outlet, as a share of the cup. */
  readonly reach: number;
  /** Share that clings to the wall until the end. */
  readonly cling: number;
}

export interface Stratum {
  readonly ml: number;
  /** How deep it dived as it was poured in: 0 laid on top, 1 churned through. */
  readonly dive: number;
  /** Share of it that has sunk to the floor, 0 where it says nothing. */
  readonly sinks?: number;
}

/** How deep a layer dives by how it is poured in (tuned; handbook 5: down the wall it mixes little, from high up it churns). */
export function diveOf(placement: 'wall' | 'middle' | 'high' | 'side', dropMm = 150): number {
  switch (placement) {
    case 'wall':
      return 0;
    case 'side':
      return 0.05;
    case 'middle':
      return 0.3;
    case 'high':
      return Math.min(0.9, 0.3 + dropMm / 500);
  }
}

/** What clings to the wall slides down after the rest, in order but less strictly (tuned). */
const WALL_REACH = 0.2;

/** Depth an exchange reaches, as a share of what it dives into (tuned). */
const DIVE_REACH = 0.42;

/**
 * What leaves a cup when: row s holds, for each stratum, its share of the s-th of `STREAM_BINS` equal portions to leave;
 * rows sum to 1. Row-major, `strata.length` wide. Loading exchanges paint with what lies below, stirring blends
 * neighbours, emptying draws from near the outlet (selective withdrawal). All three only move paint about, so every stratum
 * leaves exactly as much as went in. Empty strata get nothing; an empty cup gives all zeros.
 * @param strata first in first
 * @param stir 0..1
 */
export function withdraw(strata: readonly Stratum[], stir: number, outlet: Outlet): Float64Array {
  const width = strata.length;
  const bins = settled(fill(strata), strata);
  if (stir > 0) blendBins(bins, width, stir);
  const out = new Float64Array(STREAM_BINS * width);
  const whole = strata.reduce((sum, s) => sum + s.ml, 0);
  if (whole <= 0) return out;

  // Most bins hold a stratum or two of many: only those between the first and the last are given out.
  const first = new Int32Array(STREAM_BINS).fill(width);
  const final = new Int32Array(STREAM_BINS).fill(-1);
  for (let b = 0; b < STREAM_BINS; b++)
    for (let k = 0; k < width; k++)
      if (bins[b * width + k]! > 0) {
        first[b] = Math.min(first[b]!, k);
        final[b] = k;
      }
  // From here on, bins count from the outlet.
  const at = (j: number) => (outlet.from === 'top' ? STREAM_BINS - 1 - j : j);
  const loose = new Float64Array(STREAM_BINS).fill(1 - outlet.cling);
  const held = new Float64Array(STREAM_BINS).fill(outlet.cling);
  for (let s = 0; s < STREAM_BINS; s++) {
    const wanted = draw(1, loose, outlet.reach, (j, part) => give(s, at(j), part));
    if (wanted > 0)
      draw(wanted, held, WALL_REACH * outlet.cling, (j, part) => give(s, at(j), part));
  }
  return out;

  function give(s: number, bin: number, part: number): void {
    const last = final[bin]!;
    for (let k = first[bin]!; k <= last; k++)
      out[s * width + k] = out[s * width + k]! + part * bins[bin * width + k]!;
  }
}

/** Beyond this many reaches nothing worth naming is drawn. */
const NEAR = 14;

/** Takes up to `wanted` bins' worth, nearest first by e^(−depth/reach); returns what it could not get. */
function draw(
  wanted: number,
  left: Float64Array,
  reach: number,
  give: (bin: number, part: number) => void,
): number {
  const weights = new Float64Array(STREAM_BINS);
  // A bin that runs out leaves its part to the others, so a few rounds are needed.
  for (let round = 0; round < 60 && wanted > 1e-12; round++) {
    let depth = 0;
    let sum = 0;
    let end = 0;
    for (; end < STREAM_BINS && depth < NEAR * reach; end++) {
      const share = left[end]! / STREAM_BINS;
      weights[end] = share > 0 ? share * Math.exp(-(depth + share / 2) / reach) : 0;
      depth += share;
      sum += weights[end]!;
    }
    if (sum <= 0) break;
    const per = wanted / sum;
    for (let j = 0; j < end; j++) {
      const part = Math.min(left[j]!, per * weights[j]!);
      if (part <= 0) continue;
      left[j] = left[j]! - part;
      wanted -= part;
      give(j, part);
    }
  }
  return wanted;
}

/** Bins from the floor up: the share of each stratum in each. */
function fill(strata: readonly Stratum[]): Float64Array {
  const width = strata.length;
  const bins = new Float64Array(STREAM_BINS * width);
  const whole = strata.reduce((sum, s) => sum + s.ml, 0);
  if (whole <= 0) return bins;
  let from = 0;
  strata.forEach(({ ml, dive }, k) => {
    const to = from + (ml / whole) * STREAM_BINS;
    for (let b = Math.floor(from); b < Math.min(STREAM_BINS, Math.ceil(to)); b++)
      bins[b * width + k] = Math.min(to, b + 1) - Math.max(from, b);
    if (dive > 0)
      // Whole bins only: one shared with the stratum below lies at its very edge.
      for (let b = Math.ceil(from); b < Math.floor(to); b++) sink(bins, width, b, dive);
    from = to;
  });
  return bins;
}

/**
 * Lets what sinks come to the floor: it leaves its place, all above it comes down, and it lies below everything. The column stays as high as it was.
 */
function settled(bins: Float64Array, strata: readonly Stratum[]): Float64Array {
  const width = strata.length;
  if (!strata.some((s) => (s.sinks ?? 0) > 0)) return bins;
  const floor = new Float64Array(width);
  for (let b = 0; b < STREAM_BINS; b++)
    for (let k = 0; k < width; k++) {
      const part = bins[b * width + k]! * (strata[k]!.sinks ?? 0);
      floor[k] = floor[k]! + part;
      bins[b * width + k] = bins[b * width + k]! - part;
    }
  // Laid anew from the floor up: the sunk first, then each bin with what is left in it.
  const out = new Float64Array(bins.length);
  let height = 0;
  const lay = (contents: Float64Array, from: number) => {
    let depth = 0;
    for (let k = 0; k < width; k++) depth += contents[from + k]!;
    let done = 0;
    while (depth - done > 1e-15) {
      const bin = Math.min(STREAM_BINS - 1, Math.floor(height + 1e-12));
      const room = bin === STREAM_BINS - 1 ? Infinity : bin + 1 - height;
      const step = Math.min(room, depth - done);
      for (let k = 0; k < width; k++)
        out[bin * width + k] = out[bin * width + k]! + (contents[from + k]! * step) / depth;
      done += step;
      height += step;
    }
  };
  lay(floor, 0);
  for (let b = 0; b < STREAM_BINS; b++) lay(bins, b * width);
  return out;
}

/** Exchanges half a dive's share of bin `top` with the bins below it, nearest most. */
function sink(bins: Float64Array, width: number, top: number, dive: number): void {
  if (top === 0) return;
  const scale = DIVE_REACH * dive * top;
  const weight = (j: number) => Math.exp(-(top - j) / scale);
  let sum = 0;
  for (let j = 0; j < top; j++) sum += weight(j);
  if (sum <= 0) return;
  const before = bins.slice(top * width, (top + 1) * width);
  for (let j = 0; j < top; j++) {
    const part = (0.5 * dive * weight(j)) / sum;
    for (let k = 0; k < width; k++) {
      const below = bins[j * width + k]!;
      bins[j * width + k] = below + part * (before[k]! - below);
      bins[top * width + k] = bins[top * width + k]! + part * (below - before[k]!);
    }
  }
}

/** Blends each bin with those around it; the window is mirrored at both ends, so nothing is gained or lost. */
function blendBins(bins: Float64Array, width: number, stir: number): void {
  const reach = Math.round(stir * STREAM_BINS * 0.25);
  if (reach < 1) return;
  const before = bins.slice();
  const mirrored = (b: number) => (b < 0 ? -1 - b : b >= STREAM_BINS ? 2 * STREAM_BINS - 1 - b : b);
  for (let b = 0; b < STREAM_BINS; b++)
    for (let k = 0; k < width; k++) {
      let sum = 0;
      for (let j = -reach; j <= reach; j++) sum += before[mirrored(b + j) * width + k]!;
      bins[b * width + k] = sum / (2 * reach + 1);
    }
}
