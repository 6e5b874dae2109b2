import type { Tint } from './film';
import { BANDS } from './observer';
import type { PaintOptics } from './reserve';

/**
 * Tint of paints stirred together and let down with clear liquid: q is the σ-weighted mean of the paints'
 * (two-constant Kubelka-Munk with S = σ), scatter the volume mean of their film scatter, clear counting as none.
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
  let whole = clearVolume;
  const q = new Float64Array(BANDS);
  for (const { optics, volume } of paints) {
    const weight = volume * optics.sigma;
    pull += weight;
    scatter += volume * optics.s;
    whole += volume;
    for (let i = 0; i < BANDS; i++) q[i] = (q[i] as number) + weight * (optics.q[i] as number);
  }
  if (pull > 0) for (let i = 0; i < BANDS; i++) q[i] = (q[i] as number) / pull;
  return { q, s: whole > 0 ? scatter / whole : 0 };
}
