import { type Factors, factorsWith } from '../factor';
import { justInside, stepLimits } from './consistency';
import type { Consistency } from './schema';

/**
 * Seconds a mound stays, and the viscosity that goes with them (orders of magnitude from memory): the limits of the steps lie at none, 1 and 2.5 s.
 */
const MOUND: readonly (readonly [seconds: number, paS: number])[] = [
  [0, 0.45],
  [1, 0.95],
  [2.5, 2.2],
  [4, 3.6],
  [8, 8],
];
/** What leaves no mound at all is somewhere below the thin limit, Pa·s. */
const NO_MOUND_PAS = 0.25;

/** Viscosity from how long a dripped mound or a trace stays, Pa·s; 0 where none stays at all. Logarithms between the marks. */
export function viscosityOfMound(seconds: number): number {
  if (seconds <= 0) return NO_MOUND_PAS;
  const next = MOUND.findIndex(([s]) => s >= seconds);
  if (next < 0) return MOUND.at(-1)![1];
  const [s1, p1] = MOUND[next]!;
  const [s0, p0] = MOUND[Math.max(0, next - 1)]!;
  const t = s1 > s0 ? (seconds - s0) / (s1 - s0) : 0;
  return Math.exp(Math.log(p0) + t * (Math.log(p1) - Math.log(p0)));
}

/** Middle and spread of some readings, s. */
export function settled(readings: readonly number[]): {
  readonly median: number;
  readonly spread: number;
} {
  const sorted = [...readings].sort((a, b) => a - b);
  const half = sorted.length >> 1;
  return {
    median:
      sorted.length === 0
        ? 0
        : sorted.length % 2 === 1
          ? sorted[half]!
          : (sorted[half - 1]! + sorted[half]!) / 2,
    spread: sorted.length === 0 ? 0 : sorted.at(-1)! - sorted[0]!,
  };
}

/** What stands in the cup now. */
export interface InCup {
  readonly ml: number;
  readonly viscosityPaS: number;
  /** Share of the whole that is water. */
  readonly waterShare: number;
}

/** Something that may be added. */
export interface Addition {
  readonly id: string;
  readonly viscosityPaS: number;
  readonly densityGPerMl: number;
}

export type Advice =
  | { readonly kind: 'right' }
  | { readonly kind: 'add'; readonly id: string; readonly g: number; readonly ml: number }
  /** Nothing at hand brings it there. */
  | { readonly kind: 'none' };

/**
 * The smallest addition that brings what is in the cup to a step: water while it is within its limit, else medium; paint where it is too thin. By the
 * mixing rule ln μ = Σ φ ln μ, so that x mL of something of viscosity c bring V mL from μ to m: x = V (ln μ − ln m) ÷ (ln m − ln c).
 * @param strength the artist's own last answer for this mix: how much more than reckoned it took, 1 where nothing is known
 */
export function advise(
  cup: InCup,
  step: Consistency,
  {
    water,
    medium,
    paint,
  }: { readonly water: Addition; readonly medium?: Addition; readonly paint: Addition },
  strength = 1,
  factors: Factors = factorsWith(),
): Advice {
  const { belowPaS } = stepLimits(step);
  const now = Math.log(cup.viscosityPaS);
  if (now >= justInside(step, 0).fromThin && cup.viscosityPaS < belowPaS) return { kind: 'right' };
  const thin = cup.viscosityPaS >= belowPaS;
  const { fromThin, fromThick } = justInside(step, factors['aims-inside']);
  const aim = thin ? fromThick : fromThin;
  const needed = (of: Addition): number => {
    const c = Math.log(of.viscosityPaS);
    // It must lie beyond the aim, or no amount of it gets there.
    return thin
      ? c < aim
        ? (cup.ml * (now - aim)) / (aim - c)
        : Infinity
      : c > aim
        ? (cup.ml * (aim - now)) / (c - aim)
        : Infinity;
  };
  const give = (of: Addition, ml: number): Advice =>
    Number.isFinite(ml)
      ? { kind: 'add', id: of.id, ml: ml * strength, g: ml * strength * of.densityGPerMl }
      : { kind: 'none' };
  if (!thin) return give(paint, needed(paint));
  const waterMl = needed(water);
  const share = (cup.ml * cup.waterShare + waterMl) / (cup.ml + waterMl);
  if (share <= factors['water-noted-from'] || !medium) return give(water, waterMl);
  const mediumMl = needed(medium);
  return Number.isFinite(mediumMl) ? give(medium, mediumMl) : give(water, waterMl);
}
