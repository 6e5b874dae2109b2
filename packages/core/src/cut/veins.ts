import { apartIn, patchesOf, type Tiles } from '../reading';

/** A vein is a line of one colour, no wider than this, mm: what is wider is a field. */
const WIDEST_MM = 6;
/** On both its sides lies another colour, by so much, ΔE 1976; along it, no further than a part of that. */
const STANDS_OUT = 18;
const RUNS_ON = 0.5;
/** A line shorter than this, mm, is the rim of a cell or a speck. */
const SHORTEST_MM = 20;

/** Ways a vein may run: one square along it, and one across it. */
const WAYS = [
  { along: [1, 0], over: [0, 1] },
  { along: [0, 1], over: [1, 0] },
  { along: [1, 1], over: [1, -1] },
  { along: [1, -1], over: [1, 1] },
] as const;
/** A line between two of the ways strays from the nearer by the tangent of half an eighth of a turn. */
const STRAYS = Math.tan(Math.PI / 8);

/**
 * How many millimetres of a vein each square stands for, row-major; 0 where there is none. A square of a vein w wide stands for mm²/w of its length,
 * so that those of a whole vein add up to how long it is, whichever way it runs.
 */
export function veinsOf(tiles: Tiles): Float32Array {
  const { across, down, mm } = tiles;
  const least = new Float32Array(across * down).fill(Infinity);
  for (const { along, over } of WAYS) {
    const step = over[1] * across + over[0];
    const squareMm = mm * Math.hypot(...over);
    const widths = widthsOver(tiles, step, Math.floor(WIDEST_MM / squareMm + 1e-9));
    for (let i = 0; i < least.length; i++)
      if (
        widths[i]! > 0 &&
        widths[i]! * squareMm < least[i]! &&
        runsOn(tiles, widths, i, along[1] * across + along[0], step)
      )
        least[i] = widths[i]! * squareMm;
  }
  return ofLongOnes(
    least.map((widthMm) => (mm * mm) / widthMm),
    tiles,
  );
}

/** How wide a line each square lies in, in squares one way over it; 0 where it is in none. */
function widthsOver(tiles: Tiles, step: number, most: number): Uint8Array {
  const { across, down, on } = tiles;
  const widths = new Uint8Array(across * down);
  // No line is told nearer the rim than it may be wide: there it would be looked for in the next row.
  for (let y = most; y < down - most; y++)
    for (let x = most, i = y * across + most; x < across - most; x++, i++) {
      if (!on[i]) continue;
      const up = sameBefore(tiles, i, -step, most);
      if (up < 0) continue;
      const low = sameBefore(tiles, i, step, most - up);
      if (low >= 0) widths[i] = up + low + 1;
    }
  return widths;
}

/** Squares of the same colour one way, before another one begins on the piece; −1 where none does within `most`. */
function sameBefore(tiles: Tiles, i: number, step: number, most: number): number {
  for (let same = 0; same < most; same++) {
    const j = i + (same + 1) * step;
    if (!tiles.on[j]) return -1;
    if (apartIn(tiles, i, j) > STANDS_OUT) return same;
  }
  return -1;
}

/** Whether a line goes on to both sides: half as far as it is wide, and as far. */
function runsOn(tiles: Tiles, widths: Uint8Array, i: number, along: number, step: number): boolean {
  const far = widths[i]! + 1;
  return [-far, -far / 2, far / 2, far].every((steps) => {
    const at = i + Math.round(steps) * along;
    const strays = Math.round(Math.abs(steps) * STRAYS);
    for (let aside = -strays; aside <= strays; aside++) {
      const j = at + aside * step;
      if (widths[j] && apartIn(tiles, i, j) <= RUNS_ON * STANDS_OUT) return true;
    }
    return false;
  });
}

/** Without what hangs together in lines that are too short. */
function ofLongOnes(length: Float32Array, { across, down }: Tiles): Float32Array {
  const { patches, patchOf } = patchesOf(
    Uint8Array.from(length, (own) => (own > 0 ? 1 : 0)),
    across,
    down,
  );
  const lengths = new Float64Array(patches.length);
  for (let i = 0; i < length.length; i++) lengths[patchOf[i]!]! += length[i]!;
  return length.map((own, i) => (lengths[patchOf[i]!]! >= SHORTEST_MM ? own : 0));
}
