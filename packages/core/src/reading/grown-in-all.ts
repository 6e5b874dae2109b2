import type { Watched } from './growth-ahead';

/** How much wider cells became over several measurements, one after the other, as a share; how far off that may be in 95 of 100 cases; over how many minutes. */
export interface GrownInAll {
  readonly min: number;
  readonly grown: number;
  readonly within: number;
}

/** Growth upon growth: what became 10 % wider twice is 21 % wider. Errors of the measurements have nothing to do with one another. */
export const grownInAll = (watched: readonly Watched[]): GrownInAll =>
  watched.reduce(
    (before, { min, growth }) => {
      const wider = 1 + growth.grown;
      return {
        min: before.min + min,
        grown: (1 + before.grown) * wider - 1,
        within: Math.hypot(before.within * wider, (1 + before.grown) * growth.within),
      };
    },
    { min: 0, grown: 0, within: 0 },
  );
