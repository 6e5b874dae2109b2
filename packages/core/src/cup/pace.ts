/** How fast the heavier of two ready mixes sinks through the lighter. */
export type Pace = 'stays' | 'slow' | 'fast';

/** Less than the first, mixes count as equally heavy; from the second on the heavier goes right through, g/mL (science-colour, 6). */
export const EVEN_G_PER_ML = 0.02;
export const THROUGH_G_PER_ML = 0.06;

/** The pace at which something sinks that is so much heavier than what it lies on, g/mL; less than nothing stays. */
export const paceOf = (heavierGPerMl: number): Pace =>
  heavierGPerMl < EVEN_G_PER_ML ? 'stays' : heavierGPerMl < THROUGH_G_PER_ML ? 'slow' : 'fast';
