/** Thicker than this paint keeps a shape (m²/s), and the better for what it is thicker: its yield stress over density is `perS` times that. */
export interface Stands {
  readonly fromNu: number;
  readonly perS: number;
}

/** How two films run, one on the other: the lower one's viscosity, and that of what is being poured, m²/s; and whether any of it stands. */
export interface Layers {
  readonly lowerNu: number;
  readonly arrivingNu: number;
  readonly stands?: Stands;
}

/** What a ground holds fast does not run at all, m²/s. */
export const SOLID_NU = 1e3;

/** The most and the least a surface outruns its mean beside the 1.5 of an even film; beyond, the profile would turn back somewhere. */
export const MOST_EXCESS = 0.5;

/**
 * Fluidity of a film of two layers, s/m²: 1/ν of the even film that would run alike. From lubrication theory with no stress at the surface,
 * M = (h1³/3 + h1²h2 + h1h2²)/ν1 + h2³/3ν2 = h³/3 · fluidity.
 * @param upper the upper layer's share of the height, 0..1
 */
export function fluidityOf(upper: number, lowerNu: number, upperNu: number): number {
  const cubed = upper * upper * upper;
  return (1 - cubed) / lowerNu + cubed / upperNu;
}

/**
 * How fast the lower layer goes against the whole film's mean, under gravity: its share of the flux, (h1²h/2 − h1³/6)/ν1 of M, over its share
 * of the height: r(3 − r)/2ν1 ÷ fluidity. At most 1: where paint hardly gives way it slides as one, the lower film with it.
 * @param lower its share of the height, 0..1
 */
export const paceOfLower = (lower: number, lowerNu: number, fluidity: number): number =>
  Math.min(1, (lower * (3 - lower)) / (2 * lowerNu * fluidity));

/**
 * By how much the surface outruns the mean beside the 1.5 of an even film: 1.5·(((1 − a²)/ν1 + a²/ν2)/fluidity − 1), a the upper layer's
 * share of the height.
 */
export function excessOf(upper: number, lowerNu: number, upperNu: number): number {
  const squared = upper * upper;
  const sheared = (1 - squared) / lowerNu + squared / upperNu;
  const excess = 1.5 * (sheared / fluidityOf(upper, lowerNu, upperNu) - 1);
  return Math.min(MOST_EXCESS, Math.max(-MOST_EXCESS, excess));
}
