/** How a board leans: how far it rises toward its right edge, and toward its far one, mm a metre along it. */
export interface Slope {
  readonly right: number;
  readonly far: number;
}

/** How a phone is turned, as browsers tell it: about its own x axis (beta) and then its y axis (gamma), degrees. */
export interface Orientation {
  readonly betaDeg: number;
  readonly gammaDeg: number;
}

const rad = (deg: number): number => (deg * Math.PI) / 180;

/**
 * The slope under a phone that lies on its back, its top toward the far edge: what its x and its y axis rise, the third row of the rotation
 * Z-X′-Y″. Source: W3C, Device Orientation and Motion, "Worked example"; the turn about the vertical takes no part.
 */
export function slopeUnder({ betaDeg, gammaDeg }: Orientation): Slope {
  const [beta, gamma] = [rad(betaDeg), rad(gammaDeg)];
  return {
    right: -1000 * Math.cos(beta) * Math.sin(gamma) || 0,
    far: 1000 * Math.sin(beta) || 0,
  };
}

/**
 * The slope out of two readings, the second with the phone turned half round where it lies: what the phone itself is out, or its case, stands in
 * both with one sign and falls away.
 */
export const slopeOfBoth = (first: Slope, turned: Slope): Slope => ({
  right: (first.right - turned.right) / 2,
  far: (first.far - turned.far) / 2,
});

/** How steep it is, mm a metre, down its steepest line. */
export const steepness = ({ right, far }: Slope): number => Math.hypot(right, far);

/** Paint keeps its place on a board that leans no more than this, mm a metre; common practice, no published source. */
export const LEVEL_MM_PER_M = 1;
