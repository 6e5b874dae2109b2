import type { Factors } from '../factor';

/** How fast the heavier of two ready mixes sinks through the lighter. */
export type Pace = 'stays' | 'slow' | 'fast';

/** The pace at which something sinks that is so much heavier than what it lies on, g/mL; less than nothing stays. */
export const paceOf = (heavierGPerMl: number, factors: Factors): Pace =>
  heavierGPerMl < factors['sinks-from']
    ? 'stays'
    : heavierGPerMl < factors['sinks-through-from']
      ? 'slow'
      : 'fast';
