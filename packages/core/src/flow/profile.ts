/**
 * How fast a film moves at a level z = height ÷ wet height, against its mean. Even film under gravity: f = 3z − 1.5z² (Nusselt's parabola).
 * One whose surface goes faster or slower by `excess` has the smoothest profile beside it that rests on the ground, is not dragged at the
 * surface and carries as much: f = 3z − 1.5z² + excess·(−6z + 15z² − 8z³). It is exact in flux and at the surface; between, within a few
 * hundredths of two films whose viscosities are threefold.
 */
export const paceAt = (z: number, excess: number): number =>
  z * (3 - 1.5 * z + excess * (z * (15 - 8 * z) - 6));

/** F = ∫f: the share of the flux below a level. */
export const fluxBelow = (z: number, excess: number): number =>
  z * z * (1.5 - 0.5 * z + excess * excessFlux(z));

/** ∂F/∂excess ÷ z². */
const excessFlux = (z: number): number => z * (5 - 2 * z) - 3;

/**
 * How much a level falls while the film flows, as a share of the wet height: (z − F)·div Q/h − Q·∇F/h (incompressibility).
 * @param apart div Q/h over the time
 * @param across how the excess changes along the mean flow's way in the time
 */
export const fallOf = (z: number, apart: number, excess: number, across: number): number =>
  (z - fluxBelow(z, excess)) * apart - z * z * excessFlux(z) * across;

/** The level below which a share of a film's flux runs: `fluxBelow` turned round, by Newton's rule. */
export function levelOfFlux(share: number, excess: number): number {
  let z = share;
  for (let n = 0; n < 8; n++)
    z = Math.min(1, Math.max(0, z - (fluxBelow(z, excess) - share) / (paceAt(z, excess) + 1e-9)));
  return z;
}
