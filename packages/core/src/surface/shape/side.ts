import { Type } from '@sinclair/typebox';

const LEAST_MM = 5;

/** A length of a surface, mm: from a bead to a wall. */
export const Side = Type.Number({ minimum: LEAST_MM, maximum: 5000 });

/** A length of a surface so many times as long, to a tenth of a mm; never shorter than one may be. */
export const scaledSide = (mm: number, by: number): number =>
  Math.max(LEAST_MM, Math.round(10 * mm * by) / 10);
