import { hexToLab, type Lab, xyzToLab } from '../optics/lab';
import { hexToLinear, linearToXyz, type Rgb } from '../optics/srgb';
import type { Tiles } from './tiles';

/** So many squares tell the light as well as all of them. */
const SAMPLES = 2500;
/** Exposures it is begun from: a camera makes the same piece darker or lighter by so much. */
const BEGUN = [0.7, 0.85, 1, 1.2, 1.45] as const;
const ROUNDS = 8;
/** A square further than this from every colour that was planned, ΔE 1976, tells nothing of the light: less and less of it as the light is settled. */
const TELLS = { first: 24, last: 10, less: 2 } as const;
/** Linear light below which all is dark. */
const DARK = 0.1;
/** What a light counts for that is coloured, or far from an even one: so many ΔE a square for a factor of e. */
const UNLIKELY = { coloured: 30, exposed: 8 } as const;
/** How far a channel may be lifted or lowered, and away from the mean of all three: no lamp is more coloured after a camera has evened it. */
const MOST = 2;
const MOST_CAST = 1.18;
/** Weight of a light that needs no mending, as a share of all squares. */
const PRIOR = 0.06;

/**
 * The light a photograph was taken in, told by the colours that were planned: gains of red, green and blue, in linear light, that bring most of it nearest
 * to them (von Kries; which square is which colour and what the light is are settled in turn, as in the iterative closest point).
 */
export function fittedLight({ light, on }: Tiles, planned: readonly string[]): Rgb {
  const targets = planned.map((hex) => ({ lab: hexToLab(hex), linear: hexToLinear(hex) }));
  const here: Rgb[] = [];
  const step = Math.max(1, Math.floor(on.length / SAMPLES));
  for (let i = 0; i < on.length; i += step)
    if (on[i]) here.push([light[3 * i]!, light[3 * i + 1]!, light[3 * i + 2]!]);
  let best: { gains: Rgb; cost: number } = { gains: [1, 1, 1], cost: Infinity };
  if (targets.length === 0 || here.length === 0) return best.gains;
  for (const from of BEGUN) {
    let gains: Rgb = [from, from, from];
    for (let round = 0; round < ROUNDS; round++)
      gains = settled(here, targets, gains, Math.max(TELLS.last, TELLS.first - TELLS.less * round));
    const cost = here.reduce(
      (sum, rgb) => sum + Math.min(TELLS.first, nearest(rgb, targets, gains).off),
      0,
    );
    const unlikely = here.length * unlikelihoodOf(gains);
    if (cost + unlikely < best.cost) best = { gains, cost: cost + unlikely };
  }
  return best.gains;
}

function unlikelihoodOf(gains: Rgb): number {
  const logs = gains.map(Math.log);
  const mean = (logs[0]! + logs[1]! + logs[2]!) / 3;
  const cast = Math.max(...logs.map((log) => Math.abs(log - mean)));
  return UNLIKELY.coloured * cast + UNLIKELY.exposed * Math.abs(mean);
}

interface Target {
  readonly lab: Lab;
  readonly linear: Rgb;
}

function nearest(
  [r, g, b]: Rgb,
  targets: readonly Target[],
  gains: Rgb,
): { readonly of: Target; readonly off: number } {
  const [l, m, n] = xyzToLab(linearToXyz([r * gains[0], g * gains[1], b * gains[2]]));
  let of = targets[0]!;
  let least = Infinity;
  for (const target of targets) {
    const [x, y, z] = target.lab;
    const off = (x - l) ** 2 + (y - m) ** 2 + (z - n) ** 2;
    if (off < least) [of, least] = [target, off];
  }
  return { of, off: Math.sqrt(least) };
}

/** Gains that fit best, each square being of the colour it is nearest to now: least squares, channel by channel. */
function settled(here: readonly Rgb[], targets: readonly Target[], gains: Rgb, tells: number): Rgb {
  const [seen, wanted] = [
    [0, 0, 0],
    [0, 0, 0],
  ];
  let all = 0;
  for (const rgb of here) {
    const { of, off } = nearest(rgb, targets, gains);
    // A dark square says as much of the light as a pale one, as errors are shares of it; but a shine lifts the darkest most.
    const strength = 1 / (DARK + of.linear[1]) ** 2;
    all += strength * rgb[1] ** 2;
    if (off > tells) continue;
    for (let c = 0; c < 3; c++) {
      seen[c]! += strength * rgb[c]! ** 2;
      wanted[c]! += strength * rgb[c]! * of.linear[c]!;
    }
  }
  const prior = PRIOR * all;
  const free = seen.map((s, c) => (wanted[c]! + prior) / (s + prior || 1));
  const mean = Math.min(MOST, Math.max(1 / MOST, Math.cbrt(free[0]! * free[1]! * free[2]!)));
  return free.map((gain) =>
    Math.min(mean * MOST_CAST, Math.max(mean / MOST_CAST, gain)),
  ) as unknown as Rgb;
}
