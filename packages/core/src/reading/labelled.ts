import { deltaE2000 } from '../optics/delta-e';
import type { Lab } from '../optics/lab';
import { OFF, UNPLANNED } from './labels';
import { throughShine } from './shine';
import { labAt, type Tiles } from './tiles';

/** Further than this from every colour that was planned, ΔE00, a place is a colour nobody planned. */
export const PLANNED_WITHIN = 14;

/** A colour as it was seen in one place, of the planned ones by number. */
export interface Example {
  readonly of: number;
  readonly lab: Lab;
}

/** Colours are told apart once for so fine a step of L*, a* and b*. */
const STEP = 1.5;
/** Steps of L* there are; a channel that was lifted may go a little beyond white. */
const LIGHTNESSES = 80;
/** Of a step nobody has asked about. */
const UNASKED = 252;
/** A border between two colours passes through what lies between them, over so many squares to each side, and so near the line from one to the other, ΔE 1976. */
const BORDER = 2;
const BETWEEN = 12;

/**
 * Which colour each square is, by the number of the planned one; `OFF` beside the piece, `UNPLANNED` where it is near none. A border is no colour of its
 * own, and a speck of noise takes the colour round it.
 * @param shone colours a lamp may shine in, in the order of the planned ones: none where the film is dull
 */
export function labelled(
  tiles: Tiles,
  examples: readonly Example[],
  shone: readonly string[] = [],
): Uint8Array {
  const { across, down, lab, on } = tiles;
  // Labels by steps of L*, a* and b*: a table is quicker to look into than a map, and there are a hundred thousands of squares.
  const known = new Uint8Array(LIGHTNESSES << 16).fill(UNASKED);
  let first: Uint8Array = new Uint8Array(on.length).fill(OFF);
  for (let i = 0; i < on.length; i++) {
    if (!on[i]) continue;
    const key =
      (Math.min(LIGHTNESSES - 1, Math.round(lab[3 * i]! / STEP)) << 16) |
      ((Math.round(lab[3 * i + 1]! / STEP) & 255) << 8) |
      (Math.round(lab[3 * i + 2]! / STEP) & 255);
    if (known[key] === UNASKED) known[key] = labelOf(labAt(tiles, i), examples);
    first[i] = known[key]!;
  }
  if (shone.length > 0) first = throughShine(tiles, first, shone);
  const bordered = first.slice();
  for (let i = 0; i < first.length; i++)
    if (first[i] === UNPLANNED) bordered[i] = acrossBorder(tiles, first, i);
  return smoothed(bordered, across, down);
}

/** CIEDE2000 weighs a difference in L* down to 1 / 1.75 of it, never less: what is further apart is not reckoned out. */
const LIGHTNESS = 1.75;

/** The planned colour nearest to one; `UNPLANNED` where none is near. */
function labelOf(lab: Lab, examples: readonly Example[]): number {
  let of = UNPLANNED;
  let least = PLANNED_WITHIN;
  for (const { of: own, lab: example } of examples) {
    if (Math.abs(lab[0] - example[0]) > LIGHTNESS * PLANNED_WITHIN) continue;
    const off = deltaE2000(lab, example);
    if (off < least) [of, least] = [own, off];
  }
  return of;
}

/** The nearer of two colours a square lies between, in place and in colour; else what it is. */
function acrossBorder(tiles: Tiles, labels: Uint8Array, i: number): number {
  const { across, down } = tiles;
  const [x, y] = [i % across, Math.floor(i / across)];
  const round = new Map<number, number>();
  for (let v = Math.max(0, y - BORDER); v <= Math.min(down - 1, y + BORDER); v++)
    for (let u = Math.max(0, x - BORDER); u <= Math.min(across - 1, x + BORDER); u++) {
      const j = v * across + u;
      if (labels[j]! < UNPLANNED && !round.has(labels[j]!)) round.set(labels[j]!, j);
    }
  const own = labAt(tiles, i);
  let best = UNPLANNED;
  let least = Infinity;
  const sides = [...round.values()];
  for (const a of sides)
    for (const b of sides) {
      if (a >= b) continue;
      const [p, q] = [labAt(tiles, a), labAt(tiles, b)];
      const length2 = squared(p, q);
      if (length2 === 0) continue;
      const share = Math.min(
        1,
        Math.max(0, p.reduce((sum, v, k) => sum + (own[k]! - v) * (q[k]! - v), 0) / length2),
      );
      const on = p.map((v, k) => v + share * (q[k]! - v)) as unknown as Lab;
      const off = squared(on, own);
      if (off > BETWEEN ** 2 || off >= least) continue;
      least = off;
      best = labels[share < 0.5 ? a : b]!;
    }
  return best;
}

const squared = (a: Lab, b: Lab): number =>
  (a[0] - b[0]) ** 2 + (a[1] - b[1]) ** 2 + (a[2] - b[2]) ** 2;

/** Each square as most of the nine round it are; itself where none is most. */
function smoothed(labels: Uint8Array, across: number, down: number): Uint8Array {
  const counts = new Uint8Array(256);
  const out = labels.slice();
  for (let y = 0, i = 0; y < down; y++)
    for (let x = 0; x < across; x++, i++) {
      const own = labels[i]!;
      if (own === OFF) continue;
      let most = own;
      // What it is already counts once more.
      counts[own] = 1;
      const [left, right] = [Math.max(0, x - 1), Math.min(across - 1, x + 1)];
      const [top, bottom] = [Math.max(0, y - 1), Math.min(down - 1, y + 1)];
      for (let v = top; v <= bottom; v++)
        for (let j = v * across + left; j <= v * across + right; j++) {
          const label = labels[j]!;
          if (label !== OFF && ++counts[label]! > counts[most]!) most = label;
        }
      out[i] = most;
      for (let v = top; v <= bottom; v++)
        for (let j = v * across + left; j <= v * across + right; j++) counts[labels[j]!] = 0;
    }
  return out;
}
