import type { Layers } from './layers';

/** A square-celled grid over a surface. Row-major: cell (x, y) is at index y·nx + x; x to the right, y down. */
export interface Grid {
  readonly nx: number;
  readonly ny: number;
  /** Side of a cell, m. */
  readonly dx: number;
}

/** What drives the whole film alike between two moments, SI units. Forces that differ from place to place are fields of the film. */
export interface Drive {
  /** Kinematic viscosity μ/ρ, m²/s; where there are layers, about what it is. */
  readonly nu: number;
  /** What there is of two films, one on the other, of viscosities that differ; absent where all is of one. */
  readonly layers?: Layers;
  /** Acceleration across the surface, m/s²: along +x and +y. */
  readonly gx: number;
  readonly gy: number;
  /** Acceleration into the surface, m/s²: g·cos of the tilt. */
  readonly gz: number;
  /** Whether the film's own fields of force, `pushX` to `shearY`, act beside it, and whether there is shear among them. */
  readonly fields?: boolean;
  readonly sheared?: boolean;
}

/** Standard gravity, m/s² (exact by definition, CGPM 1901). */
export const GRAVITY = 9.80665;

/** The drive of a surface tilted by `angleDeg` down toward `towardDeg` (clockwise from +x). Level where both are 0. */
export function tilted(nu: number, angleDeg = 0, towardDeg = 0): Drive {
  const [angle, toward] = [(angleDeg * Math.PI) / 180, (towardDeg * Math.PI) / 180];
  const along = GRAVITY * Math.sin(angle);
  return {
    nu,
    gx: along * Math.cos(toward),
    gy: along * Math.sin(toward),
    gz: GRAVITY * Math.cos(angle),
  };
}
