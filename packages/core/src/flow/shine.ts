import type { Plate } from './develop';
import { chance } from './noise';

/** How a picture is seen: its colours alone, with the sheen of a satin coat, or wet under a window. */
export const LOOKS = ['dry', 'satin', 'wet'] as const;
export type Look = (typeof LOOKS)[number];

/**
 * A window mirrored in the film (tuned to look like one). How much of white it adds, and how soft its edge is as a part of its size: a wet film
 * mirrors it sharply, a satin coat spreads it.
 */
const WINDOWS: Readonly<
  Record<Look, { readonly adds: number; readonly soft: number } | undefined>
> = {
  dry: undefined,
  satin: { adds: 0.16, soft: 0.9 },
  wet: { adds: 0.38, soft: 0.2 },
};
/** Where the window is seen on a level film, and half its size, as shares of the picture's sides and of its longer side. */
const AT = [0.3, 0.26] as const;
const HALF = [0.17, 0.12] as const;
/** How far above the film it is, mm: a slope of the film shifts what is mirrored by twice this times the slope. */
const ABOVE_MM = 800;
/** Flakes are brighter toward the light and darker away from it, by so much, over this part of the longer side (tuned). */
const FLOP = [0.88, 1.3] as const;
const FLOP_REACH = 0.45;
/** Single flakes: how large, mm, and how much they differ where each is seen for itself (tuned by eye). */
const FLAKE_MM = 0.4;
const SPARKLE = 0.2;
/** Flakes lie the same in every picture. */
const FLAKE_SEED = 71;

/**
 * Puts the sheen on a row of a coloured picture: metal and pearl shimmer in every look, the window is mirrored in those that have one.
 * @param shimmer how much of what is seen is flakes, 0..255, by pixel
 */
export function shine(
  { width, height, filmUm, cover, pxPerMm }: Plate,
  y: number,
  look: Look,
  rgba: Uint8ClampedArray,
  shimmer: Uint8Array,
): void {
  const window = WINDOWS[look];
  const longer = Math.max(width, height);
  const [atX, atY] = [AT[0] * width, AT[1] * height];
  const flakes = SPARKLE * Math.min(1, FLAKE_MM * pxPerMm);
  const perFlake = 1 / (FLAKE_MM * pxPerMm);
  // Pixels a µm of rise from one pixel to the next but one shifts what is mirrored.
  const shift = (2 * ABOVE_MM * pxPerMm * pxPerMm) / 2000;
  for (let x = 0; x < width; x++) {
    const i = y * width + x;
    const flaked = shimmer[i]!;
    if (cover[i] === 0 || (!window && flaked === 0)) continue;
    const slope = (one: number, other: number) =>
      cover[one] === 255 && cover[other] === 255 ? filmUm[one]! - filmUm[other]! : 0;
    const alongX = x > 0 && x < width - 1 ? slope(i + 1, i - 1) : 0;
    const alongY = y > 0 && y < height - 1 ? slope(i + width, i - width) : 0;
    const dx = (x - alongX * shift - atX) / longer;
    const dy = (y - alongY * shift - atY) / longer;
    if (flaked > 0) {
      const far = (dx * dx + dy * dy) / (FLOP_REACH * FLOP_REACH);
      const lit = FLOP[0] + (FLOP[1] - FLOP[0]) / (1 + far);
      const sparkle = flakes * brightness(x * perFlake, y * perFlake);
      const times = 1 + (flaked / 255) * (lit - 1 + sparkle);
      for (let c = 4 * i; c < 4 * i + 3; c++) rgba[c] = rgba[c]! * times;
    }
    if (!window) continue;
    const inside = (1 - Math.max(Math.abs(dx) / HALF[0], Math.abs(dy) / HALF[1])) / window.soft;
    const share = Math.min(1, Math.max(0, inside + 0.5));
    const adds = (window.adds * share * share * (3 - 2 * share) * cover[i]!) / 255;
    if (adds > 0)
      for (let c = 4 * i; c < 4 * i + 3; c++) rgba[c] = rgba[c]! + (255 - rgba[c]!) * adds;
  }
}

/**
 * How bright the flake at a place is, −1..1, lengths in flakes: each has its middle somewhere in a square of its own and reaches to where another's is
 * nearer, so that no rows of squares are seen where a picture shows single flakes.
 */
function brightness(x: number, y: number): number {
  const [left, top] = [Math.floor(x - 0.5), Math.floor(y - 0.5)];
  let least = Infinity;
  let nearest = 0;
  for (let iy = top; iy <= top + 1; iy++)
    for (let ix = left; ix <= left + 1; ix++) {
      const dx = ix + chance(ix, iy, 0, FLAKE_SEED) - x;
      const dy = iy + chance(ix, iy, 1, FLAKE_SEED) - y;
      const apart = dx * dx + dy * dy;
      if (apart >= least) continue;
      least = apart;
      nearest = chance(ix, iy, 2, FLAKE_SEED);
    }
  return 2 * nearest - 1;
}
