import type { Tiles } from './tiles';

/** Round a calm place colours differ by less than this, ΔE 1976. */
const CALM = 5;

/** Where a picture is calm: one colour, or one that changes slowly (negative space). A byte a square, 1 where it is. */
export const calmOf = ({ on }: Tiles, contrast: Float32Array): Uint8Array =>
  on.map((is, i) => (is && contrast[i]! < CALM ? 1 : 0));
