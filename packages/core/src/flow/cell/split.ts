import type { Factors } from '../../factor';
import { GRAVITY } from '../grid';
import { CAUSE_IDS, type CauseId, CAUSES } from './cause';
import { type Column, type Pile, pileBetween } from './pile';
import { waveOf } from './wave';

/** Where in a column what lies below breaks through most readily. */
export interface Split {
  /** Height of what lies above it, µm, and of all. */
  readonly aboveUm: number;
  readonly um: number;
  /** Of what lies below over that above. */
  readonly ratio: number;
  /** Viscosity of what lies above, Pa·s. */
  readonly viscosityPaS: number;
  /** What drives it, kg/m³, and what of that each cause gives. */
  readonly liftKgM3: number;
  readonly lifts: Readonly<Record<CauseId, number>>;
  /** Tension between the two, N/m. */
  readonly tension: number;
  /** How many times as fast it grows as by its weight alone. */
  readonly haste: number;
}

/** Deeper than this share of the film nothing breaks through: no wave of it is felt at the surface. */
const DEEPEST = 0.7;
/** What spreads or comes up by itself does so over heavier paint, too, if less readily: at least this share of it counts (judgement). */
const GOES_ON = 0.5;
/** Of what lies below, twice as much as lies above counts (judgement). */
const REACH = 2;
/** However thin what lies above is, so much is turned over, µm (judgement). */
const LEAST_TURNED_UM = 200;

/** What part of a film's height a split turns over, from the top. */
export const turnsOf = ({ aboveUm, um }: Split): number =>
  Math.min(1, Math.max((1 + REACH) * aboveUm, LEAST_TURNED_UM) / um);

/** The split of a column that grows fastest; undefined where nothing drives any. */
export function splitOf(column: Column, factors: Factors): Split | undefined {
  const um = column.reduce((sum, [, own]) => sum + own, 0);
  let aboveUm = 0;
  let best: Split | undefined;
  let most = 0;
  for (const [, own] of column.slice(0, -1)) {
    aboveUm += own;
    if (aboveUm > DEEPEST * um) break;
    const split = between(
      pileBetween(column, 0, aboveUm),
      pileBetween(column, aboveUm, (1 + REACH) * aboveUm),
      um,
      factors,
    );
    if (!split) continue;
    const growth = growthAt(split, um);
    const rate = growth ? growth.drivePerS / growth.time : 0;
    if (rate <= most) continue;
    most = rate;
    best = split;
  }
  return best;
}

function between(above: Pile, under: Pile, um: number, factors: Factors): Split | undefined {
  const lifts = {} as Record<CauseId, number>;
  let [helps, holds] = [0, 0];
  let tension = 0;
  let haste = 1;
  for (const id of CAUSE_IDS) {
    const lift = CAUSES[id].lifts(above, under, factors);
    lifts[id] = lift;
    if (lift > 0) helps += lift;
    else holds += lift;
    tension += CAUSES[id].pulls?.(above, under, factors) ?? 0;
    haste += CAUSES[id].hastens?.(above, under, factors) ?? 0;
  }
  const liftKgM3 = Math.max(helps + holds, GOES_ON * helps);
  if (liftKgM3 <= 0) return undefined;
  const viscosityPaS = above.nu * above.densityKgM3;
  return {
    aboveUm: above.um,
    um,
    ratio: (under.nu * under.densityKgM3) / viscosityPaS,
    viscosityPaS,
    liftKgM3,
    lifts,
    tension,
    haste,
  };
}

/** How a split grows where the film is so high. */
export interface Growth {
  /** Length of the wave that grows fastest, mm. */
  readonly mm: number;
  /** What drives it, and how long it takes to grow by e in units of that: 1/s, and a number. */
  readonly drivePerS: number;
  readonly time: number;
}

/** What drives a split where the film is so high, 1/s. */
export const driveAt = ({ liftKgM3, viscosityPaS }: Split, um: number): number =>
  (liftKgM3 * GRAVITY * um * 1e-6) / viscosityPaS;

/**
 * @param um height of the film meanwhile: what lies above keeps its share of it
 * @returns undefined where no wave grows
 */
export function growthAt(split: Split, um: number): Growth | undefined {
  const h = um * 1e-6;
  const weight = split.liftKgM3 * GRAVITY * h;
  const wave = waveOf(split.aboveUm / split.um, split.ratio, split.tension / (weight * h));
  return (
    wave && {
      mm: wave.length * h * 1000,
      drivePerS: driveAt(split, um),
      time: wave.time / split.haste,
    }
  );
}

/**
 * By how many times e a split grows between two ages of its paint, s, while that sets: drive e^(−set·t), less what the paint holds, for as long
 * as that is more than nothing.
 * @param setsPerS rise of ln viscosity a second
 * @param holdsPerS films that would turn over more slowly stand
 */
export function grownBetween(
  { drivePerS, time }: Growth,
  fromS: number,
  toS: number,
  setsPerS: number,
  holdsPerS: number,
): number {
  if (drivePerS <= holdsPerS) return 0;
  if (setsPerS * toS < 1e-9) return ((drivePerS - holdsPerS) * (toS - fromS)) / time;
  const stops = holdsPerS > 0 ? Math.log(drivePerS / holdsPerS) / setsPerS : Infinity;
  const end = Math.min(toS, stops);
  if (end <= fromS) return 0;
  const drove = (drivePerS / setsPerS) * (Math.exp(-setsPerS * fromS) - Math.exp(-setsPerS * end));
  return (drove - holdsPerS * (end - fromS)) / time;
}
