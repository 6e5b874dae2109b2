import type { Place } from './homography';
import type { Pixels, TableModel } from './table';

/** What is seen across a side; see `endsOfTable`. */
interface Across {
  readonly speaks: readonly number[];
  readonly changes: readonly number[];
}

/** An edge is what changes within so many px, outside against inside. */
const ACROSS = 2;
/** Less change than this is none, bytes; more than that says no more. */
const NO_EDGE = 8;
const ENOUGH = 60;
/** What lies inside may have the table's colour too, in the shade: then it says a fifth. */
const LIKE_WITHIN = 0.8;

/**
 * At each depth across a side, from outside in, how much speaks for the table ending there, 0 to 1: the picture changes, what lies outside has the
 * table's colour in whatever light, and what lies inside has not; and how much it changes, bytes. The middle is the place itself; one entry a pixel.
 */
export function endsOfTable(
  pixels: Pixels,
  table: TableModel,
  [x, y]: Place,
  [nx, ny]: Place,
  reach: number,
): Across {
  const steps = reach + ACROSS;
  const colours: (readonly number[])[] = [];
  const alike: number[] = [];
  for (let k = -steps; k < steps; k++) {
    const at: Place = [x + (k + 0.5) * nx, y + (k + 0.5) * ny];
    const colour = colourAt(pixels, at[0], at[1]);
    colours.push(colour);
    alike.push(likeTable(table, colour, at));
  }
  const speaks: number[] = [];
  const changes: number[] = [];
  for (let k = ACROSS; k <= colours.length - ACROSS; k++) {
    let change = 0;
    for (let c = 0; c < 3; c++) {
      let across = 0;
      for (let j = 0; j < ACROSS; j++) across += colours[k + j]![c]! - colours[k - 1 - j]![c]!;
      change += (across / ACROSS) ** 2;
    }
    changes.push(Math.sqrt(change));
    const outside = Math.min(alike[k - 1]!, alike[k - 2]!);
    const within = Math.min(alike[k]!, alike[k + 1]!);
    speaks.push(
      (Math.min(ENOUGH, Math.sqrt(change)) / ENOUGH) * outside * (1 - LIKE_WITHIN * within),
    );
  }
  return { speaks, changes };
}

/** The summit of a profile next to a place of it, between pixels by the parabola through three; undefined where there is none. */
export function peakNear(profile: readonly number[], near: number): number | undefined {
  let at = -1;
  for (let k = Math.floor(near) - 2; k <= Math.ceil(near) + 2; k++)
    if ((profile[k] ?? 0) > (profile[at] ?? NO_EDGE)) at = k;
  if (at < 0) return undefined;
  const [l, m, r] = [profile[at - 1] ?? 0, profile[at]!, profile[at + 1] ?? 0];
  const bend = l - 2 * m + r;
  return at + (bend < 0 ? (0.5 * (l - r)) / bend : 0);
}

/** How far a colour may stray from the table's in the same light, bytes. */
const STRAYS = 16;
/** Lighter than this, of what the table is there, it lies in no shade of it. */
const LIGHTEST = 1.1;

/** How like the table a colour is, in its light or less of it, 0 to 1. */
function likeTable(table: TableModel, colour: readonly number[], [x, y]: Place): number {
  let [dot, norm] = [0, 0];
  const bare = [0, 1, 2].map((c) => Math.max(1, table.at(c, x, y)));
  for (let c = 0; c < 3; c++) {
    dot += colour[c]! * bare[c]!;
    norm += bare[c]! ** 2;
  }
  const factor = Math.min(LIGHTEST, dot / norm);
  const off = Math.hypot(...bare.map((v, c) => colour[c]! - factor * v));
  return Math.exp(-((off / Math.max(STRAYS, 2.5 * table.strays)) ** 2));
}

/** The colour at a place between pixels. */
function colourAt(
  { width, height, rgba }: Pixels,
  x: number,
  y: number,
): readonly [number, number, number] {
  const fx = Math.min(width - 1.001, Math.max(0, x - 0.5));
  const fy = Math.min(height - 1.001, Math.max(0, y - 0.5));
  const [x0, y0] = [Math.floor(fx), Math.floor(fy)];
  const [dx, dy] = [fx - x0, fy - y0];
  const at = (px: number, py: number, c: number) => rgba[4 * (py * width + px) + c]!;
  return [0, 1, 2].map(
    (c) =>
      at(x0, y0, c) * (1 - dx) * (1 - dy) +
      at(x0 + 1, y0, c) * dx * (1 - dy) +
      at(x0, y0 + 1, c) * (1 - dx) * dy +
      at(x0 + 1, y0 + 1, c) * dx * dy,
  ) as unknown as readonly [number, number, number];
}
