import { type Outlet, STREAM_BINS, type Stratum, withdraw } from '../cup/withdraw';
import type { ActStrata, StrataAlong } from './act/define';
import { fractal } from './noise';
import { following, ringsOf } from './rings';
import { sideBySide } from './side-by-side';

/** Paint on its way out of a cup. */
export interface Portion {
  /** The cup it comes from: its strata, first in first, how far they were stirred, how it empties. See `withdraw`. */
  readonly strata: readonly (Stratum & { readonly mix: string })[];
  readonly stir: number;
  /** They leave together, side by side, each its share of every portion. */
  readonly beside?: true;
  readonly outlet: Outlet;
  /** How strata lie across the stream: as rings round it, or stacked one way. */
  readonly lamination: 'rings' | 'stack';
  /** Toward where they are stacked, the last in; toward +x where it says nothing. */
  readonly stackedDeg?: number;
  /** How much wavier its layers are than those of a stream from close by: from high up it folds on itself. */
  readonly folds?: number;
  /** It comes out from under its mouth, all round. */
  readonly core?: boolean;
}

/** All of it, mL. */
export const portionMl = ({ strata }: Pick<Portion, 'strata'>): number =>
  strata.reduce((sum, l) => sum + l.ml, 0);

/** Its strata with so much more of each as a scale does not show, mL; no less than half of what was meant. */
export const withMore = (strata: Portion['strata'], moreMl: number): Portion['strata'] =>
  strata.map((own) => ({ ...own, ml: Math.max(own.ml / 2, own.ml + moreMl) }));

/** Its strata without which mix is which. */
export const strataKey = ({ strata }: Pick<Portion, 'strata'>) =>
  strata.map(({ ml, dive, sinks = 0 }) => [ml, dive, sinks]);

/** How wavy the layers of a stream are, along its paint and across it (tuned; flow draws the waves out into marbling). */
const WAVE_S = 0.028;
const WAVE_L = 0.075;
/** Parts of a bin rings are told to, and how many of those a ring of part-mixed paint is thick (tuned: thin enough to be drawn into threads). */
const FINE = 4;
const RING = 4;
/** Waves round the stream, and along its paint. */
const ROUND = 1.6;
const ALONG = 5;
/** Sets the chances of one stream off from those of the next. */
const NEXT_SEED = 97;

/** How births of a stream find their stratum. `nth` counts streams before it, for chances that differ. */
export function laminate(portion: Portion, seed: number, nth: number): ActStrata {
  const own = seed + NEXT_SEED * nth;
  const { folds = 1 } = portion;
  const leavesFrom = portion.core ? RIM : FOOTPRINT;
  const wave = evenly((s, xi, eta) => fractal(ROUND * xi, ROUND * eta, ALONG * s, own), leavesFrom);
  return {
    wave,
    bin: (s, w) => clampBin((s + folds * WAVE_S * w) * STREAM_BINS),
    ...(portion.lamination === 'rings' ? asRings(portion) : asStack(portion, wave, leavesFrom)),
  };
}

/** A portion is poured on a coarse film, then on the fine one, and looked at after that: its cup is emptied once. */
const known = new WeakMap<Portion, Float64Array>();

/** What leaves when; see `withdraw`. Not to be written to. */
function leavesOf(act: Portion): Float64Array {
  const leaves = known.get(act) ?? emptied(act);
  known.set(act, leaves);
  return leaves;
}

function emptied(act: Portion): Float64Array {
  const { strata, stir, outlet, beside } = act;
  if (!beside) return withdraw(strata, stir, outlet);
  const ml = portionMl(act);
  return Float64Array.from({ length: STREAM_BINS * strata.length }, (_, i) =>
    ml > 0 ? strata[i % strata.length]!.ml / ml : 0,
  );
}

/** Kinematic viscosity of what leaves when a share of a stream has left, m²/s: ln ν by volume of what its portion holds. */
export function thicknessOf(act: Portion, nuOf: (mix: string) => number) {
  const lnNu = act.strata.map(({ mix }) => Math.log(nuOf(mix)));
  const leaves = leavesOf(act);
  return (share: number): number => {
    const row = Math.floor(clampBin(share * STREAM_BINS)) * lnNu.length;
    return Math.exp(lnNu.reduce((sum, ln, k) => sum + ln * leaves[row + k]!, 0));
  };
}

const clampBin = (bin: number): number => Math.min(STREAM_BINS - 1e-3, Math.max(0, bin));

/**
 * Strata of a mixed portion as rings, one after the other: each goes on until it has had a ring more than its share, then the one
 * that most is owed to follows. So in the long run each has exactly what it brings, whatever else is mixed with it.
 */
function asRings(act: Portion): StrataAlong & Pick<ActStrata, 'across'> {
  const width = act.strata.length;
  const leaves = leavesOf(act);
  const rings = new Uint8Array(STREAM_BINS * FINE);
  const owed = new Float64Array(width);
  let at = 0;
  for (let n = 0; n < rings.length; n++) {
    const row = Math.floor(n / FINE) * width;
    let most = at;
    for (let k = 0; k < width; k++) {
      owed[k] = owed[k]! + leaves[row + k]!;
      if (owed[k]! > owed[most]!) most = k;
    }
    if (owed[at]! < -RING || leaves[row + at]! === 0) at = most;
    owed[at] = owed[at]! - 1;
    rings[n] = at;
  }
  return { across: () => 0, ...following(ringsOf(madeEven(rings, owed)), FINE * FINER) };
}

/** Parts of a part rings are told to in the end. */
const FINER = 8;

/** Rings each so much wider or narrower that every stratum has exactly what it brings; `owed`: what each lacks of that, in parts. */
function madeEven(rings: Uint8Array, owed: Float64Array): Uint8Array {
  const has = new Float64Array(owed.length);
  for (const stratum of rings) has[stratum] = has[stratum]! + 1;
  const even = new Uint8Array(rings.length * FINER);
  let end = 0;
  for (const stratum of rings) {
    const from = Math.round(end);
    end += FINER * (1 + owed[stratum]! / has[stratum]!);
    even.fill(stratum, from, Math.round(end));
  }
  // What brings too little for a ring is left out.
  even.fill(rings.at(-1)!, Math.round(end));
  return even;
}

/** Strata side by side across the stream in the order they went in, each as wide as its part of the paint that falls there. */
function asStack(
  act: Portion,
  wave: ActStrata['wave'],
  leavesFrom: readonly Place[],
): StrataAlong & Pick<ActStrata, 'across'> {
  const { folds = 1 } = act;
  const across = (xi: number, w: number) => folded(fallenBefore(xi) + folds * WAVE_L * w);
  return {
    across:
      act.strata.length > 1 ? evenAcross(across, wave, leavesFrom) : (_, xi, w) => across(xi, w),
    ...sideBySide(cumulative(act), act.strata.length),
  };
}

/** Share of a stream that falls to one side of a line across it, −1..1: the integral of its parabolic footprint. */
function fallenBefore(xi: number): number {
  const x = Math.min(1, Math.max(-1, xi));
  return 0.5 + (x * (5 - 2 * x * x) * Math.sqrt(1 - x * x) + 3 * Math.asin(x)) / (3 * Math.PI);
}

/** A share waved beyond 0..1, folded back into it. */
const folded = (share: number): number => 1 - Math.abs(1 - Math.abs(share));

/** By bin: the share of a portion all strata up to each one make. Row-major, portions × strata; one more row than there are bins. */
function cumulative(act: Portion): Float32Array {
  const width = act.strata.length;
  const leaves = leavesOf(act);
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

/** A place across a stream. */
interface Place {
  readonly xi: number;
  readonly eta: number;
}

/** Steps along a stream what holds all across it is told at, and places across it that stand for as much of its paint each. */
const STEPS = 64;
const PLACES = 256;

/** Places turned on by the golden angle, as far out as `r` says: a sunflower's, evenly about. */
const sunflower = (r: (share: number) => number): readonly Place[] =>
  Array.from({ length: PLACES }, (_, n) => {
    const angle = n * Math.PI * (3 - Math.sqrt(5));
    const out = r((n + 0.5) / PLACES);
    return { xi: out * Math.cos(angle), eta: out * Math.sin(angle) };
  });
/** Where paint leaves: at the rim of a mouth, all round; or where it falls, by its parabolic footprint. */
const RIM = sunflower(() => 1);
const FOOTPRINT = sunflower((share) => Math.sqrt(1 - Math.sqrt(1 - share)));

/** Between the steps of a stream: which of them is before, and how far to the next. */
function stepOf(s: number): readonly [step: number, on: number] {
  const at = STEPS * Math.min(1, Math.max(0, s));
  const step = Math.floor(at);
  return [step, at - step];
}

/**
 * Waves that shift as much paint one way as the other at every moment: less their mean over where it leaves; else one stratum would grow by them
 * and its neighbour shrink.
 */
function evenly(wave: ActStrata['wave'], leavesFrom: readonly Place[]): ActStrata['wave'] {
  const means = Float64Array.from(
    { length: STEPS + 2 },
    (_, step) =>
      leavesFrom.reduce((sum, { xi, eta }) => sum + wave(step / STEPS, xi, eta), 0) / PLACES,
  );
  return (s, xi, eta) => {
    const [step, on] = stepOf(s);
    return wave(s, xi, eta) - means[step]! - on * (means[step + 1]! - means[step]!);
  };
}

/** Parts the way across a stream is told in. */
const ACROSS = 32;

/**
 * A way across that as much paint lies on either side of as it says, at every moment: by how much of what leaves lies before it. Waves bent it, and
 * beyond the brink they are folded back, where one stratum would have had 3 % more than its part.
 */
function evenAcross(
  across: (xi: number, wave: number) => number,
  wave: ActStrata['wave'],
  leavesFrom: readonly Place[],
): ActStrata['across'] {
  const width = ACROSS + 1;
  const before = new Float32Array((STEPS + 2) * width);
  for (let step = 0; step < STEPS + 2; step++) {
    const row = before.subarray(step * width, (step + 1) * width);
    for (const { xi, eta } of leavesFrom) {
      const at = ACROSS * across(xi, wave(step / STEPS, xi, eta));
      // A place stands for what is around it: half a part either way, but none of it beyond the brink.
      const around = Math.min(0.5, at, ACROSS - at) + 1e-9;
      for (let n = 0; n < width; n++)
        row[n] = row[n]! + Math.min(1, Math.max(0, (n - at + around) / (2 * around))) / PLACES;
    }
  }
  return (s, xi, w) => {
    const [step, on] = stepOf(s);
    const at = ACROSS * across(xi, w);
    const n = Math.min(ACROSS - 1, Math.floor(at));
    const inRow = (from: number) => before[from]! + (before[from + 1]! - before[from]!) * (at - n);
    const now = inRow(step * width + n);
    return now + on * (inRow((step + 1) * width + n) - now);
  };
}
