/**
 * Two films of paint, the heavy one on the light one, both slow (Stokes): ground below, free surface above. Everything is in units of the
 * whole film's height H, of the upper film's viscosity μ and of the excess weight Δρ·g.
 */
export interface TwoFilms {
  /** The upper film's share of the height, 0..1. */
  readonly upper: number;
  /** Viscosity of the lower over that of the upper. */
  readonly ratio: number;
  /** Tension between them, over Δρ·g·H²; 0 where they mix. */
  readonly tension: number;
}

/**
 * How fast a wave of the border between the two grows, in Δρ·g·H/μ; below 0 it dies away.
 *
 * The vertical speed W is a wave in each film: below, a(sinh x − x cosh x) + b·x sinh x of x = kz, at rest at the ground; above, a sinh y +
 * b·y cosh y of y = k(H − z), with no shear and no rise at the surface: the paint's own tension against air, some 0.03 N/m (memory), is
 * hundreds of times the excess weight at waves as short as these. At the border speed and shear μ(W″ + k²W) go on, and the normal stress
 * μ(3k²W′ − W‴)/k² jumps by (1 − tension·k²) times how far it is raised.
 * @param k wave number, 1/H
 */
export function growthOf({ upper, ratio, tension }: TwoFilms, k: number): number {
  const low = lowerFilm(k * (1 - upper));
  const high = upperFilm(k * upper);
  // W is 1 at the border; W′/k there follows from the shear.
  const slope = (ratio * low.shear[0] - high.shear[0]) / (high.shear[1] - ratio * low.shear[1]);
  const jump =
    high.normal[0] + high.normal[1] * slope - ratio * (low.normal[0] + low.normal[1] * slope);
  return -(1 - tension * k * k) / (k * jump);
}

/** Shear and normal stress at the border, each for W = 1, and for each of W′ = k: in units of k² and k. */
interface Stresses {
  readonly shear: readonly [number, number];
  readonly normal: readonly [number, number];
}

/** A wave's value and its first three derivatives, over cosh. */
type Wave = readonly [number, number, number, number];

function lowerFilm(x: number): Stresses {
  const t = Math.tanh(x);
  return stressesOf([t - x, -x * t, -t - x, -2 - x * t], [x * t, t + x, 2 + x * t, 3 * t + x], 1);
}

function upperFilm(y: number): Stresses {
  const t = Math.tanh(y);
  return stressesOf([t, 1, t, 1], [y, 1 + y * t, 2 * t + y, 3 + y * t], -1);
}

/** @param up 1 where the waves are told upward, −1 where downward */
function stressesOf(f: Wave, g: Wave, up: 1 | -1): Stresses {
  const whole = f[0] * g[1] - f[1] * g[0];
  /** Both waves' parts for a value and a slope at the border, and what becomes of a derivative with them. */
  const of = (value: number, slope: number, order: 2 | 3) =>
    ((value * g[1] - slope * g[0]) * f[order] + (slope * f[0] - value * f[1]) * g[order]) / whole;
  return {
    shear: [of(1, 0, 2) + 1, of(0, up, 2)],
    normal: [-up * of(1, 0, 3), 3 - up * of(0, up, 3)],
  };
}

/** The wave that grows fastest: its length in H, and the time it takes to grow by e, in μ/(Δρ·g·H). */
export interface Fastest {
  readonly length: number;
  readonly time: number;
}

/** Waves looked at first, and how closely the fastest is found then. */
const [LEAST_K, MOST_K, LOOKS] = [0.1, 40, 24];
const CLOSE = 1e-3;

/** @returns undefined where none grows */
export function fastest(films: TwoFilms): Fastest | undefined {
  const at = (lnK: number) => growthOf(films, Math.exp(lnK));
  const [from, to] = [Math.log(LEAST_K), Math.log(MOST_K)];
  const step = (to - from) / LOOKS;
  let best = from;
  let most = -Infinity;
  for (let n = 0; n <= LOOKS; n++) {
    const growth = at(from + n * step);
    if (growth <= most) continue;
    most = growth;
    best = from + n * step;
  }
  // Golden section around it.
  const golden = (Math.sqrt(5) - 1) / 2;
  let [low, high] = [best - step, best + step];
  while (high - low > CLOSE) {
    const [a, b] = [high - golden * (high - low), low + golden * (high - low)];
    if (at(a) > at(b)) high = b;
    else low = a;
  }
  const k = Math.exp((low + high) / 2);
  const growth = growthOf(films, k);
  return growth > 0 ? { length: (2 * Math.PI) / k, time: 1 / growth } : undefined;
}
