import { type Patch, patchOf } from './field-at';
import type { Floats } from './film';
import type { Grid } from './grid';
import { type Site, sideAt } from './ground';
import { FRAME_CELLS } from './pace';

/** A stream within one frame: a disc that moves and changes its radius evenly. Places in cells. */
export interface Disc {
  readonly from: Spot;
  readonly to: Spot;
  readonly core: boolean;
  /** Mean height it adds in the frame at its middle, m: twice the mean over the disc. */
  readonly peakM: number;
  /** Nothing follows: what lies in it at the end is its last paint. */
  readonly last: boolean;
}

export interface Spot {
  readonly x: number;
  readonly y: number;
  readonly r: number;
  /**
   * Share of its paint that has left: the cup where it lies on what is there, else the disc. Below 0 what leaves lay there
   * before it.
   */
  readonly s: number;
  /** Around a mouth that has moved over something: up to which level, height ÷ wet height, that stays below what comes from it. */
  readonly below?: Patch;
  /** Which way its ξ points, radians clockwise from +x; η is a quarter turn on. */
  readonly turned: number;
}

/** Where across a disc's stream a place is that lies so far from its middle, in radii, along the surface's own axes. */
export const acrossStream = ({ turned }: Spot, x: number, y: number): [xi: number, eta: number] => {
  const [cos, sin] = [Math.cos(turned), Math.sin(turned)];
  return [x * cos + y * sin, y * cos - x * sin];
};

/**
 * Adds a stream's paint to the cells under its disc: 2Q/(πr²)·(1 − d²/r²), scaled so that all of it is exactly Q. A disc
 * smaller than a cell gives it to the four around its middle, so much to each that the middle of all is its own: the film flows apart from there,
 * and back through the pour that is where places come together. Given to one cell, they would come together beside the disc and never meet it.
 * @param rate m³/s
 * @returns the share that lands off the surface, by side as `SIDES` has them
 */
export function addFootprint(
  source: { [i: number]: number },
  { x, y, r }: Spot,
  site: Site,
  rate: number,
): readonly [number, number, number, number] {
  const { grid } = site;
  const cells: [x: number, y: number, weight: number][] = [];
  const reach = Math.max(1, r);
  let sum = 0;
  for (let cy = Math.floor(y - reach); cy <= y + reach; cy++)
    for (let cx = Math.floor(x - reach); cx <= x + reach; cx++) {
      const [dx, dy] = [Math.abs(cx + 0.5 - x), Math.abs(cy + 0.5 - y)];
      const weight =
        r < 1 ? Math.max(0, 1 - dx) * Math.max(0, 1 - dy) : 1 - (dx * dx + dy * dy) / (r * r);
      if (weight <= 0) continue;
      cells.push([cx, cy, weight]);
      sum += weight;
    }
  const missed: [number, number, number, number] = [0, 0, 0, 0];
  for (const [cx, cy, weight] of cells) {
    const share = weight / sum;
    // Off the grid no index is one of its cells.
    const on = cx >= 0 && cy >= 0 && cx < grid.nx && cy < grid.ny;
    const i = cy * grid.nx + cx;
    if (on && site.inside[i]) source[i] = (source[i] ?? 0) + (rate * share) / grid.dx ** 2;
    else {
      const side = sideAt(site, cx + 0.5, cy + 0.5);
      missed[side] = missed[side]! + share;
    }
  }
  return missed;
}

/**
 * What is known of a film on the way back lies straight between the middles of its cells, and what is finer than those was given to four of them: each
 * spreads what a disc lays, r²/6 about its middle along an axis, by a sixth of a cell squared. Met in its own radius alone, a thread would be short
 * of the paint that raised the film around it (a line of 15 mL by 8 % at 160 cells, with it by 2).
 */
const SEEN_CELLS2 = 2;

/** A disc that lies on what is there, as wide as the film shows it on the way back. */
export const asSeen = (spot: Spot): Spot => ({ ...spot, r: Math.sqrt(spot.r ** 2 + SEEN_CELLS2) });

/** The cells a disc is over, and the share of each that is under it. */
export function* cellsUnder({ x, y, r }: Spot, { nx, ny }: Grid): Generator<[number, number]> {
  const [top, bottom] = [Math.max(0, Math.floor(y - r - 1)), Math.min(ny - 1, y + r + 1)];
  const [left, right] = [Math.max(0, Math.floor(x - r - 1)), Math.min(nx - 1, x + r + 1)];
  for (let cy = top; cy <= bottom; cy++)
    for (let cx = left; cx <= right; cx++) {
      const within = Math.min(1, Math.max(0, r - Math.hypot(cx + 0.5 - x, cy + 0.5 - y) + 0.5));
      if (within > 0) yield [cy * nx + cx, within];
    }
}

/**
 * When, going back through a frame, a place first lies in a disc: 1 at the frame's end, 0 at its start; −1 if never.
 * Its way relative to the disc is straight and the radius changes evenly, so it is a quadratic, solved exactly.
 * @param latest when in the frame it sets out
 */
export function entry(
  disc: Disc,
  newX: number,
  newY: number,
  oldX: number,
  oldY: number,
  latest = 1,
): number {
  // Relative to the disc: at τ the place is a + b·τ, the radius r + dr·τ. No pairs are made: it is asked millions of times.
  const { from, to } = disc;
  const ax = newX - from.x;
  const ay = newY - from.y;
  const bx = oldX - to.x - ax;
  const by = oldY - to.y - ay;
  const dr = to.r - from.r;
  const c = ax * ax + ay * ay - from.r * from.r;
  const b = 2 * (ax * bx + ay * by - from.r * dr);
  const a = bx * bx + by * by - dr * dr;
  if ((a * latest + b) * latest + c <= 0) return latest;
  if (Math.abs(a) < 1e-12) {
    const tau = b === 0 ? -1 : -c / b;
    return tau >= 0 && tau <= latest ? tau : -1;
  }
  const under = b * b - 4 * a * c;
  if (under < 0) return -1;
  const root = Math.sqrt(under);
  const one = (-b + root) / (2 * a);
  const other = (-b - root) / (2 * a);
  const later = Math.max(one, other);
  const earlier = Math.min(one, other);
  if (later >= 0 && later <= latest) return later;
  return earlier >= 0 && earlier <= latest ? earlier : -1;
}

/** The film near a disc on its way, as far as anything is asked of it. */
export const nearDisc = (h: Floats, { grid }: Site, disc: Disc): Patch =>
  patchOf(h, grid, disc.from, reachOf(disc) + 2);

/** Farther than this from a disc's start no place can meet it within a frame, cells. */
const reachOf = ({ from, to }: Disc): number =>
  Math.max(from.r, to.r) + Math.hypot(to.x - from.x, to.y - from.y) + 4 * FRAME_CELLS;

/** What changes evenly through a frame, at a time of it, 0 its beginning and 1 its end. */
export const mid = (from: number, to: number, share: number): number => from + (to - from) * share;
