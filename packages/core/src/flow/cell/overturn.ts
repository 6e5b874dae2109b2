/**
 * A cell as an overturning: below its middle what lies deep comes up, spreads under the surface, and goes down again along its rim. A
 * steady flow about an upright axis with the stream function ψ = f(ρ)·g(ζ), ρ the distance from the middle in cell radii, ζ the height in
 * wet heights:
 *
 *   f = ½ρ²(1 − ρ²)²   nothing moves at the rim or beyond
 *   g = ζ²(1 − ζ)(3 − 2ζ)   no slip at the ground; flat and free of shear at the surface
 *
 * so dρ/dt = −f·g′/ρ and dζ/dt = f′·g/ρ. It keeps every volume, whatever the outline: along any direction from the middle the radius may be
 * another. Near the middle of the surface it thins what lies there by e in a unit of time.
 */
export function turned(rho: number, zeta: number, time: number): [rho: number, zeta: number] {
  const steps = Math.max(1, Math.ceil(Math.abs(time) / STEP));
  const dt = time / steps;
  let r = rho;
  let z = zeta;
  for (let n = 0; n < steps; n++) {
    const a = outward(r, z);
    const b = upward(r, z);
    const c = outward(r + (dt / 2) * a, z + (dt / 2) * b);
    const d = upward(r + (dt / 2) * a, z + (dt / 2) * b);
    const e = outward(r + (dt / 2) * c, z + (dt / 2) * d);
    const f = upward(r + (dt / 2) * c, z + (dt / 2) * d);
    const g = outward(r + dt * e, z + dt * f);
    const h = upward(r + dt * e, z + dt * f);
    r = Math.min(1, Math.max(0, r + (dt / 6) * (a + 2 * c + 2 * e + g)));
    z = Math.min(1, Math.max(0, z + (dt / 6) * (b + 2 * d + 2 * f + h)));
  }
  return [r, z];
}

/** Runge and Kutta's steps. */
const STEP = 0.125;

/** dρ/dt and dζ/dt, each by itself: a table takes millions of them. */
function outward(rho: number, zeta: number): number {
  const within = Math.max(0, 1 - rho * rho);
  return -0.5 * rho * within * within * zeta * (6 - 15 * zeta + 8 * zeta * zeta);
}

function upward(rho: number, zeta: number): number {
  const r2 = Math.min(1, rho * rho);
  return (1 - r2) * (1 - 3 * r2) * zeta * zeta * (1 - zeta) * (3 - 2 * zeta);
}

/**
 * Where what now lies at a place of a cell came from, for an age: tables of it. `rho` and `zeta`: row-major, distances from the middle
 * 0..1 in `ACROSS` steps, depths below the surface in `DOWN` steps as `depthOf` has them.
 */
export interface Overturn {
  readonly rho: Float32Array;
  readonly zeta: Float32Array;
}

const ACROSS = 64;
const DOWN = 32;

/** Depths are told closely at the surface, where thin films are drawn out: share of the height at a step. */
const BEND = 60;
const depthOf = (step: number): number => ((1 + BEND) ** (step / DOWN) - 1) / BEND;
const stepOf = (depth: number): number => (DOWN * Math.log1p(BEND * depth)) / Math.log1p(BEND);

/** Steps by depth, straight between entries: a logarithm for each look would take longer than the look. */
const LOOK_UPS = 2048;
const STEP_OF = Float64Array.from({ length: LOOK_UPS + 2 }, (_, n) => stepOf(n / LOOK_UPS));

/** Ages are told apart in such steps, and none beyond the last: by then a cell is open to its rim. */
const AGE = 0.125;
const MOST_AGE = 14;

/** Tables by age, each made from the one before it: what lies there came from one step further back. */
const tables: Overturn[] = [];

/** The table of an age in units of `turned`'s time, the nearest there is. */
export function overturn(age: number): Overturn {
  const nth = Math.round(Math.min(MOST_AGE, Math.max(0, age)) / AGE);
  while (tables.length <= nth) tables.push(older(tables.at(-1)));
  return tables[nth]!;
}

function older(table: Overturn | undefined): Overturn {
  const rho = new Float32Array((ACROSS + 1) * (DOWN + 1));
  const zeta = new Float32Array(rho.length);
  for (let at = 0; at < rho.length; at++) {
    const [r, z] = table
      ? turned(table.rho[at]!, table.zeta[at]!, -AGE)
      : [Math.floor(at / (DOWN + 1)) / ACROSS, 1 - depthOf(at % (DOWN + 1))];
    rho[at] = r;
    zeta[at] = z;
  }
  return { rho, zeta };
}

/** Writes where a place came from into `from`: its distance from the middle, and its depth, both 0..1 as these are. */
export function cameFrom(
  { rho, zeta }: Overturn,
  distance: number,
  depth: number,
  from: Float64Array,
): void {
  const x = Math.min(distance, 1) * ACROSS;
  const d = depth * LOOK_UPS;
  const n = Math.floor(d);
  const y = STEP_OF[n]! + (STEP_OF[n + 1]! - STEP_OF[n]!) * (d - n);
  const [i, j] = [Math.min(ACROSS - 1, Math.floor(x)), Math.min(DOWN - 1, Math.floor(y))];
  const [u, v] = [x - i, y - j];
  const at = i * (DOWN + 1) + j;
  const past = at + DOWN + 1;
  from[0] =
    (rho[at]! * (1 - v) + rho[at + 1]! * v) * (1 - u) +
    (rho[past]! * (1 - v) + rho[past + 1]! * v) * u;
  from[1] =
    1 -
    (zeta[at]! * (1 - v) + zeta[at + 1]! * v) * (1 - u) -
    (zeta[past]! * (1 - v) + zeta[past + 1]! * v) * u;
}
