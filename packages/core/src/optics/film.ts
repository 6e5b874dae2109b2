import { BANDS } from './observer';
import type { Spectrum } from './spectrum';

/** Reflectances the opacity of a film is judged over: ISO 6504-3 white tile and black. */
export const TEST_WHITE = 0.8;
/** A film drawn on screen lies over these: a good primer and a black that is not quite nothing. */
export const DRAWN_WHITE = 0.94;
export const DRAWN_BLACK = 0.01;

/** K/S of a layer thick enough to hide everything, from its reflectance (Kubelka and Munk 1931). */
export const kOverS = (r: number): number => (1 - r) ** 2 / (2 * r);

/** Reflectance of a hiding layer from q = K/S; the form that keeps its digits for large q. */
export const reflectanceOf = (q: number): number => 1 / (1 + q + Math.sqrt(q * q + 2 * q));

/**
 * Reflectance of a film of thickness X on a ground (Kubelka 1948): K absorbs and S scatters, both per µm.
 * Limits are taken where the closed form has none: no scatter, no absorption, a very thick film.
 * @param ground reflectance under the film, 0..1
 */
export function filmReflectance(k: number, s: number, thicknessUm: number, ground: number): number {
  // Too little to tell from nothing; below it the closed form divides zero by zero.
  if ((k + s) * thicknessUm < 1e-12) return ground;
  // A billionth of the absorption: what scatters back is not seen, and K/S would run out of numbers.
  if (s <= k * 1e-9) return ground * Math.exp(-2 * k * thicknessUm);
  const q = k / s;
  const sx = s * thicknessUm;
  if (q < 1e-9) return (sx * (1 - ground) + ground) / (sx * (1 - ground) + 1);
  const a = 1 + q;
  const b = Math.sqrt(q * q + 2 * q);
  if (b * sx > 300) return a - b;
  const bCoth = b / Math.tanh(b * sx);
  return (1 - ground * (a - bCoth)) / (a - ground + bCoth);
}

/** A coloured film material: q = K/S by band, and scatter per µm of wet film, the same in every band. */
export interface Tint {
  readonly q: Spectrum;
  readonly s: number;
}

/** Spectrum of a film of a tint on a ground given as one reflectance or band by band. */
export function filmSpectrum(
  { q, s }: Tint,
  thicknessUm: number,
  ground: number | Spectrum,
): Spectrum {
  const out = new Float64Array(BANDS);
  for (let i = 0; i < BANDS; i++) {
    const under = typeof ground === 'number' ? ground : (ground[i] as number);
    out[i] = filmReflectance((q[i] as number) * s, s, thicknessUm, under);
  }
  return out;
}
