import { type Outlet, type Stratum, STREAM_BINS, withdraw } from './withdraw';

/** A cup as it stands. */
interface Standing {
  readonly strata: readonly Stratum[];
  readonly stir: number;
  /** All leave together, each its share. */
  readonly beside?: true;
}

/**
 * What of each stratum is among the first so many millilitres to leave a cup, mL, in the order they went in; together they are that much, or all
 * there is. By `withdraw`: what a cup lets go first hangs on how it empties.
 */
export function partPoured(
  { strata, stir, beside }: Standing,
  outlet: Outlet,
  ml: number,
): number[] {
  const whole = strata.reduce((sum, s) => sum + s.ml, 0);
  if (whole <= 0) return strata.map(() => 0);
  const share = Math.min(1, Math.max(0, ml / whole));
  if (beside) return strata.map((s) => s.ml * share);
  const leaves = withdraw(strata, stir, outlet);
  const until = share * STREAM_BINS;
  const ofBin = whole / STREAM_BINS;
  return strata.map((_, k) => {
    let sum = 0;
    for (let bin = 0; bin < until; bin++)
      sum += leaves[bin * strata.length + k]! * Math.min(1, until - bin) * ofBin;
    return sum;
  });
}
