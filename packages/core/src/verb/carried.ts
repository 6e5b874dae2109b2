import { carriedFields } from '../field/kind';
import type { Carry } from '../surface/path';
import { type Move, verbOf } from './move';

/** No hand does anything in less, s. */
const LEAST_S = 0.5;

/** A move as it would be done on another face: its places and lengths there, its time by how far or how much it is. */
export function carriedMove(move: Move, carry: Carry): Move {
  const { fields, paced } = verbOf(move);
  const there = carriedFields(fields, move, carry);
  return paced === undefined || move.s === undefined
    ? there
    : { ...there, s: Math.max(LEAST_S, Math.round(10 * carry[paced](move.s)) / 10) };
}

/**
 * From a face of one size to one of another: places keep their shares of width and height, lengths follow the side that grows less, paint the
 * area, as thick as it was.
 */
export function carryTo(
  from: { readonly widthMm: number; readonly heightMm: number },
  to: { readonly widthMm: number; readonly heightMm: number },
): Carry {
  const [kx, ky] = [to.widthMm / from.widthMm, to.heightMm / from.heightMm];
  const tenth = (value: number) => Math.round(10 * value) / 10;
  return {
    place: ([x, y]) => [tenth(x * kx), tenth(y * ky)],
    length: (mm) => tenth(mm * Math.min(kx, ky)),
    volume: (ml) => Number((ml * kx * ky).toPrecision(3)),
  };
}
