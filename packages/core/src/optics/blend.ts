import type { Tint } from './film';
import { BANDS } from './observer';
import { hidingSx, type PaintOptics, REFERENCE_UM, reserveOf } from './reserve';

/** A blend hides no better than its best part by more than this (estimate). */
const BEST_PART = 1.25;

/**
 * Tint of paints stirred together and let down with clear liquid: q is the σ-weighted mean of the paints'
 * (two-constant Kubelka-Munk with S = σ). How it hides is that of their films, whose K and S add by volume, clear counting as none: the
 * reserve of those, at most a quarter more than the best part's, put on that q.
 * @param paints each with its volume; any unit, the same for all
 * @param clearVolume medium, water and oil in that unit
 */
export function blend(
  paints: readonly { readonly optics: PaintOptics; readonly volume: number }[],
  clearVolume: number,
): Tint {
  const only = paints.length === 1 ? paints[0] : undefined;
  if (only) {
    // One paint keeps its hue whatever thins it; handing on its own q lets what was worked out for it be found again.
    return { q: only.optics.q, s: (only.volume * only.optics.s) / (only.volume + clearVolume) };
  }
  let pull = 0;
  let scatter = 0;
  let volume = 0;
  let best = 0;
  const q = new Float64Array(BANDS);
  const film = new Float64Array(BANDS);
  for (const { optics, volume: v } of paints) {
    const weight = v * optics.sigma;
    pull += weight;
    scatter += v * optics.s;
    volume += v;
    if (v > 0) best = Math.max(best, optics.reserve);
    for (let i = 0; i < BANDS; i++) {
      q[i] = q[i]! + weight * optics.q[i]!;
      film[i] = film[i]! + v * optics.s * optics.q[i]!;
    }
  }
  if (!(pull > 0 && scatter > 0)) return { q, s: 0 };
  for (let i = 0; i < BANDS; i++) {
    q[i] = q[i]! / pull;
    film[i] = film[i]! / scatter;
  }
  const reserve = Math.min(BEST_PART * best, reserveOf({ q: film, s: scatter / volume }));
  return { q, s: (reserve * hidingSx(q) * volume) / (REFERENCE_UM * (volume + clearVolume)) };
}
