import type { Medium } from '../schema';

/** A school of medium: a recipe that is ready to use, and what it is good for (common practice, no published source). */
export interface StockMedium extends Medium {
  readonly goodFor: string;
}

/** So many parts of each material. */
export const parts = (...of: readonly (readonly [material: string, n: number])[]): Medium['of'] =>
  of.map(([material, n]) => ({ material, parts: n }));
