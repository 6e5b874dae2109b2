import type { Growth } from './growth';

/** A growth that was measured, and over how many minutes. */
export interface Watched {
  readonly min: number;
  readonly growth: Pick<Growth, 'grown' | 'within'>;
}

/** How much wider cells will be so long from the last picture, as a share, least and most of it. */
export interface Ahead {
  readonly min: number;
  readonly grown: number;
  readonly least: number;
  readonly most: number;
}

/** Told for so many minutes from now. */
const AHEAD_MIN = [15, 30, 60] as const;
/** So many times as long as was watched may be foretold: half a minute says nothing of an hour. */
const FAR = 12;
/** Cells that do not slow yet slow over so many minutes (practice: they go on for 15 min and longer; common practice, no published source). */
const USUAL_MIN = 15;
/** No pace is told to slow faster, or slower, than over so many minutes: two pictures are too few to know. */
const SLOWS_MIN = [3, 60] as const;

/**
 * How far cells will go on opening, by the pace of the last two measurements: a pace that falls off evenly, as opening does toward its end (1 − e^(−t/τ)). From
 * one measurement it is taken to fall off as usual, and the spread is as wide as that makes it. Nothing is told of what lies further ahead than a short watch
 * reaches.
 */
export function growthAhead(watched: readonly Watched[]): Ahead[] {
  const last = watched.at(-1);
  if (!last || last.min <= 0) return [];
  const before = watched.at(-2);
  // Widths beside those of the first of the three pictures, so that paces are of one measure.
  const from = 1 + (before?.growth.grown ?? 0);
  const earlier = before && before.growth.grown / before.min;
  const paceBy = (off: number) => (from * (last.growth.grown + off)) / last.min;
  const slowsOver = (pace: number): number => {
    if (!before || earlier === undefined) return USUAL_MIN;
    const falls = earlier > 0 && pace > 0 ? Math.log(earlier / pace) : 0;
    const tau = falls > 0 ? (before.min + last.min) / 2 / falls : SLOWS_MIN[1];
    return Math.min(SLOWS_MIN[1], Math.max(SLOWS_MIN[0], tau));
  };
  const grownBy = (min: number, pace: number, tau: number): number => {
    // The pace is a mean over the last measurement; at its end it has fallen below that.
    const x = last.min / tau;
    const now = (Math.max(0, pace) * x) / Math.expm1(x);
    return (now * tau * (1 - Math.exp(-min / tau))) / (from * (1 + last.growth.grown));
  };
  const watchedMin = watched.reduce((sum, { min }) => sum + min, 0);
  return AHEAD_MIN.filter((min) => min <= FAR * watchedMin).map((min) => {
    const ways = [-1, 0, 1].flatMap((side) => {
      const pace = paceBy(side * last.growth.within);
      const taus = before ? [slowsOver(pace)] : [USUAL_MIN / 2, USUAL_MIN, 2 * USUAL_MIN];
      return taus.map((tau) => grownBy(min, pace, tau));
    });
    // What is less than can be told is no growth: the spread alone has it.
    const { grown, within } = last.growth;
    const pace = Math.abs(grown) > within ? paceBy(0) : 0;
    return {
      min,
      grown: grownBy(min, pace, slowsOver(pace)),
      least: Math.min(...ways),
      most: Math.max(...ways),
    };
  });
}
