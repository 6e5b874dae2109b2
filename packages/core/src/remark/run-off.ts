import type { Amounts } from '../budget/budget';
import { type Side, SIDES } from '../flow/ground';
import type { Settled } from '../flow/outcome';
import type { SurfaceMeasure } from '../surface/measure';

/** Paint that leaves one piece, g. */
export interface RunOff {
  readonly sides: Readonly<Record<Side, number>>;
  /** All that goes over the edge. */
  readonly overEdgeG: number;
  /** What of it clothes the covered edges and stays. */
  readonly clothesG: number;
  /** What is lost: over the edge and not on it. */
  readonly lostG: number;
  /** What was taken off again: it stays on a sheet, or goes with a cloth. */
  readonly takenG: number;
  /** What the budget's film that stays lets expect to be lost. */
  readonly expectedG: number;
}

/** What a preview says runs off, beside what the plan's budget reckons with. */
export function runOffOf(measure: SurfaceMeasure, amounts: Amounts, outcome: Settled): RunOff {
  const gPerMl = amounts.totalMl > 0 ? amounts.totalG / amounts.totalMl : 1;
  const gOf = (cm2: number) => ((cm2 / measure.pieces) * amounts.stayMm * gPerMl) / 10;
  const sides = Object.fromEntries(
    SIDES.map((side) => [side, outcome.spiltMl[side] * gPerMl]),
  ) as Record<Side, number>;
  const lostG = SIDES.reduce((sum, side) => sum + sides[side], 0);
  const clothesG = outcome.edgesMl * gPerMl;
  return {
    sides,
    overEdgeG: lostG + clothesG,
    clothesG,
    lostG,
    takenG: (outcome.takenMl ?? 0) * gPerMl,
    expectedG: Math.max(0, outcome.laidMl * gPerMl - gOf(measure.areaCm2 + measure.edgeCm2)),
  };
}
