import type { Factors } from '../../factor';
import type { PaintCell } from './paint-cell';
import { cameFrom, type Overturn } from './overturn';
import { ageOf, leftFor } from './ripen';

/** What lies above must have thinned by so much of what tears it, or nothing of the cell is seen. */
export const SEEN = 0.7;

/** By how many times e what lies above a cell has thinned, at its own pace: as it is, or had it been left for so long. */
export const thinnedBy = ({ ripe, pace }: PaintCell, leftForS?: number): number =>
  pace * (leftForS === undefined ? ripe.thinned : leftFor(ripe, leftForS));

/** Whether anything of a cell is seen yet. */
export const begun = (cell: PaintCell, leftForS?: number): boolean =>
  thinnedBy(cell, leftForS) >= SEEN * cell.ripe.tears;

/** How old a cell's overturning is, see `overturn`. */
export const cellAge = (cell: PaintCell, factors: Factors, leftForS?: number): number =>
  ageOf(thinnedBy(cell, leftForS), cell.ripe.tears, factors);

/** How far an outline wobbles in and out, at the most, of its radius. */
export const WOBBLE = 0.07;

/** How far from a cell's middle a place is, in its radii there: a little long, and a little three-cornered. Offsets in mm. */
export function rhoAt(
  { toRound: [a, b, c, d], wobble: [one, other] }: PaintCell,
  x: number,
  y: number,
) {
  const [u, v] = [a * x + b * y, c * x + d * y];
  const angle = Math.atan2(v, u);
  const outline = 1 + WOBBLE * (Math.cos(2 * (angle - one)) + 0.6 * Math.cos(3 * (angle - other)));
  return Math.sqrt(u * u + v * v) / outline;
}

/** A film drawn out so many times as thin as it can be and hold has torn all the way; less, and some of it is left. */
const TORN = 5;
const from = new Float64Array(2);

/**
 * How much of the film, as a share, is gone from its top: what was drawn out thinner than a film can be has torn, and drawn back.
 * @param skin the thinnest there can be, as a share
 */
export function tornAt(table: Overturn, rho: number, skin: number): number {
  const most = Math.min(0.5, skin);
  cameFrom(table, rho, most, from);
  return most * Math.min(1, Math.max(0, (from[1]! / most - 1) / (TORN - 1)));
}
