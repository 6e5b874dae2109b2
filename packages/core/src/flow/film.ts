import type { Grid } from './grid';

export type Floats = Float32Array | Float64Array;

/**
 * The wet film and the ground it moves on, row-major over `grid`. The outermost ring of cells and every other cell
 * off the surface are *outside*: what flows into one has left over the edge.
 */
export interface Film {
  readonly grid: Grid;
  /** Wet height, m. */
  readonly h: Floats;
  /**
   * On the surface: the height at which a front on dry ground stops, m (0 where nothing stops it).
   * Outside: minus the height the edge beside it holds back, m.
   */
  readonly ground: Floats;
  /** Paint arriving from above, m/s. */
  readonly source: Floats;
  /** Of the wet height, what the lower of two films makes, m, and ln of the upper one's kinematic viscosity, m²/s; see `Layers`. */
  readonly lower: Floats;
  readonly lnNu: Floats;
  /** 1/ν of an even film that would run as this cell's does, s/m²; worked out at each step. */
  readonly fluidity: Floats;
  /** By how much the surface outruns the mean beside the 1.5 of an even film; told where paint stands, see `tellStanding`. */
  readonly excess: Floats;
  /**
   * Forces that differ from place to place, told where a `Drive` says so. Push: acceleration of the paint along the surface,
   * m/s² (air pressing, a turntable). Shear: what drags at its surface, τ/ρ, m²/s² (air blowing along it, a string).
   */
  readonly pushX: Floats;
  readonly pushY: Floats;
  readonly shearX: Floats;
  readonly shearY: Floats;
  /** Flux through the face at the left of each cell, and at its upper side, summed over time since last cleared, m². */
  readonly fluxX: Floats;
  readonly fluxY: Floats;
}

/** Below this a cell counts as dry, m. */
export const DRY_M = 20e-6;

/** Height no edge is held back by: a rim too high to run over. */
export const RIM_M = 1e3;

/** A bare film on a grid, every cell on the surface but the outermost ring, which a high rim closes. */
export function bareFilm(
  grid: Grid,
  make: (n: number) => Floats = (n) => new Float64Array(n),
): Film {
  const n = grid.nx * grid.ny;
  const film: Film = {
    grid,
    h: make(n),
    ground: make(n),
    source: make(n),
    lower: make(n),
    lnNu: make(n),
    fluidity: make(n),
    excess: make(n),
    pushX: make(n),
    pushY: make(n),
    shearX: make(n),
    shearY: make(n),
    fluxX: make(n),
    fluxY: make(n),
  };
  for (let y = 0; y < grid.ny; y++)
    for (let x = 0; x < grid.nx; x++)
      if (x === 0 || y === 0 || x === grid.nx - 1 || y === grid.ny - 1)
        film.ground[y * grid.nx + x] = -RIM_M;
  return film;
}

/** Share of a cell's height that is the upper of two films; all of it where it is dry. */
export const upperShare = ({ h, lower }: Film, i: number): number =>
  h[i]! > 0 ? 1 - Math.min(1, lower[i]! / h[i]!) : 1;

/** Paint on the grid, m³. */
export function volumeM3({ h, grid }: Film): number {
  let sum = 0;
  for (let i = 0; i < h.length; i++) sum += h[i]!;
  return sum * grid.dx * grid.dx;
}

/** Fills the push of a film turned about a point of its grid, m: ω² times the distance from it, outward (adds to what is there). */
export function addSpin({ pushX, pushY, grid }: Film, omega: number, xM: number, yM: number): void {
  const { nx, dx } = grid;
  for (let i = 0; i < pushX.length; i++) {
    pushX[i] = pushX[i]! + omega * omega * (((i % nx) + 0.5) * dx - xM);
    pushY[i] = pushY[i]! + omega * omega * ((Math.floor(i / nx) + 0.5) * dx - yM);
  }
}
