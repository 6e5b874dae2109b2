import { DRY_M, type Film, upperShare } from './film';
import type { Drive } from './grid';
import { type Layers, MOST_EXCESS, type Stands } from './layers';

/** Yield stress over density of a paint of this viscosity, m²/s². */
export const yieldOf = (nu: number, { fromNu, perS }: Stands): number =>
  perS * Math.max(0, nu - fromNu);

/** What of a fluidity is left to a film that stands, s/m²: so little that it does not move, and still something to divide by. */
const LEAST_FLUIDITY = 1e-9;

/**
 * How a film runs that stands where less than its yield drags at it (Bingham's law), written to its `fluidity` and `excess` cell by cell.
 * At depth x·h the stress over density is x·P, with P all that drags at the ground; a layer shears only where that is more than its yield y, as
 * (x·P − y)/ν. Summed over the depth, with r = y/P, that is a fluidity of 1 − 1.5 r + 0.5 r³ of an even film, whose surface outruns its mean by
 * 1.5/(1 + r/2) (Bingham 1922; Liu & Mei 1989, from memory).
 */
export function tellStanding(film: Film, drive: Drive, layers: Layers, stands: Stands): void {
  const { h, lower, lnNu, fluidity, excess } = film;
  const { lowerNu } = layers;
  const lowerYield = yieldOf(lowerNu, stands);
  for (let i = 0; i < h.length; i++) {
    lower[i] = Math.min(lower[i]!, h[i]!);
    const nu = Math.exp(lnNu[i]!);
    fluidity[i] = 1 / nu;
    excess[i] = 0;
    if (film.ground[i]! < 0 || h[i]! < DRY_M) continue;
    const stress = stressAt(film, drive, i);
    const upper = upperShare(film, i);
    // What drags at nothing moves nothing, whatever it has for a yield.
    const below = lowerYield / stress || 0;
    const above = yieldOf(nu, stands) / stress || 0;
    const runs = flux(upper, 1, below) / lowerNu + flux(0, upper, above) / nu;
    fluidity[i] = Math.max(LEAST_FLUIDITY, runs);
    const slides = atSurface(upper, 1, below) / lowerNu + atSurface(0, upper, above) / nu;
    excess[i] =
      runs > LEAST_FLUIDITY
        ? Math.min(MOST_EXCESS, Math.max(-MOST_EXCESS, 1.5 * (slides / runs - 1)))
        : -MOST_EXCESS;
  }
}

/** All that drags at the ground under a cell, over density, m²/s²: the steeper of the slopes on its two sides along each axis, and what the air does. */
function stressAt(film: Film, { gx, gy, gz, fields }: Drive, i: number): number {
  const { h, pushX, pushY, shearX, shearY } = film;
  const { nx } = film.grid;
  const alongX = steepest(film, i, 1, fields ? gx + pushX[i]! : gx, gz);
  const alongY = steepest(film, i, nx, fields ? gy + pushY[i]! : gy, gz);
  const pulled = length(alongX, alongY) * h[i]!;
  return fields ? pulled + length(shearX[i]!, shearY[i]!) : pulled;
}

/** Of a vector; many times as quick as `Math.hypot`, and these are far from what overflows. */
const length = (x: number, y: number): number => Math.sqrt(x * x + y * y);

function steepest(film: Film, i: number, stride: number, pull: number, gz: number): number {
  const slope = gz / film.grid.dx;
  const h = film.h[i]!;
  const before = pull + slope * (beside(film, i - stride, h) - h);
  const behind = pull + slope * (h - beside(film, i + stride, h));
  return Math.max(Math.abs(before), Math.abs(behind));
}

/** How high it stands beside a cell: off the surface as high as the edge holds back, if what stands here is higher. */
const beside = ({ h, ground }: Film, j: number, own: number): number =>
  ground[j]! >= 0 ? h[j]! : Math.min(own, -ground[j]!);

/** What a layer between two depths, shares of the height, adds to the flux, as a part of an even film's: ∫ 3x(x − r) dx where x > r. */
function flux(from: number, to: number, r: number): number {
  if (r >= to) return 0;
  const at = Math.max(from, r);
  return to ** 3 - at ** 3 - 1.5 * r * (to * to - at * at);
}

/** What it adds to the pace of the surface: ∫ 2(x − r) dx where x > r. */
function atSurface(from: number, to: number, r: number): number {
  if (r >= to) return 0;
  const at = Math.max(from, r);
  return to * to - at * at - 2 * r * (to - at);
}
