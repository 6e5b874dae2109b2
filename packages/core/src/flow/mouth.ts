import { layingBelow } from './below';
import { cellsUnder, mid, type Spot } from './disc';
import { type Patch, patchOf } from './field-at';
import type { Film } from './film';
import type { Grid } from './grid';
import type { Box } from './motion';
import { FRAME_CELLS } from './pace';

/** A cup with its mouth on the surface. */
interface Cup {
  /** What it holds, m³; all of it comes evenly in `s` seconds. */
  readonly wholeM3: number;
  readonly s: number;
  /** It stays where it is, and fills the film to the ground; else it slides over what is there. */
  readonly stands: boolean;
  /** Where it is when a share of its paint has come. */
  readonly spots: (share: number) => readonly Spot[];
}

/** What leaves a mouth on the surface, as its spots tell it: see `Spot`. */
type Leaves = Pick<Spot, 's' | 'below'>;

/** How far beyond its rim it is told what lies below a mouth, cells: what meets it in a frame has come from no farther. */
const AROUND = 2 * FRAME_CELLS;
/** Places along its way that are asked for, and cells around that in which what it moves over is followed. */
const WAY_STEPS = 32;
const WAY_CELLS = 6;

/**
 * Follows what comes and goes under a mouth on the surface. First in, first out: of the cup's paint W = Q·t − V has left, V what is under the mouth
 * and does not lie below. Nothing goes in again, so W never falls. Where the mouth stands what lay there goes first, that is W below 0; what it slides
 * over, or strays over, stays below.
 * @param lowerNu see `layingBelow`
 * @returns asked at times that never go back: the discs by then, and what had fallen beside the surface, m³
 */
export function mouth(
  film: Film,
  { wholeM3, s, stands, spots: way }: Cup,
  lowerNu: () => number | undefined,
) {
  const { h, grid } = film;
  const below = layingBelow(film, wayOf(way, grid), lowerNu);
  /** What had come of the cup each time, m³, and when. */
  const came: number[] = [];
  const at: number[] = [];
  let besideBefore = 0;
  let gone = -Infinity;

  /** When what leaves now came, as a share of the pour; below 0 it lay there from the first. */
  let past = 0;
  const cameAt = (): number => {
    if (gone < 0) return gone / wholeM3;
    while (past < came.length - 2 && came[past + 1]! < gone) past++;
    const [from, to] = [came[past]!, came[past + 1] ?? came[past]!];
    const share = to > from ? Math.min(1, (gone - from) / (to - from)) : 1;
    return mid(at[past]!, at[past + 1] ?? at[past]!, share) / s;
  };

  return (t: number, spots: readonly Spot[], besideM3: number): readonly Leaves[] => {
    const last = at.length - 1;
    if (last >= 0) below.carry();
    else if (stands)
      for (const spot of spots) for (const [i] of cellsUnder(spot, grid)) below.m[i] = 0;
    const fresh = (wholeM3 * (t - (at[last] ?? t))) / s - (besideM3 - besideBefore);
    came.push((came[last] ?? 0) + Math.max(0, fresh));
    at.push(t);
    besideBefore = besideM3;
    let [under, lower] = [0, 0];
    for (const spot of spots)
      for (const [i, share] of cellsUnder(spot, grid)) {
        under += share * h[i]!;
        lower += share * below.m[i]!;
      }
    gone = Math.max(gone, came.at(-1)! - (under - lower) * grid.dx * grid.dx);
    const left = cameAt();
    if (lower === 0) return spots.map(() => ({ s: left }));
    // What pushes out under a rim from where a mouth stands has stirred what it strayed over.
    if (stands) return spots.map(() => ({ s: left, below: even(lower / under) }));
    const levels = below.levels();
    return spots.map((spot) => ({
      s: left,
      below: patchOf(levels, grid, spot, spot.r + AROUND),
    }));
  };
}

/** The same level everywhere. */
const even = (level: number): Patch => ({
  left: 0,
  top: 0,
  across: 2,
  down: 2,
  field: new Float32Array(4).fill(level),
});

/** The cells a mouth is over some time, and some around; none of the outermost of the grid. */
function wayOf(spots: Cup['spots'], { nx, ny }: Grid): Box {
  const all = Array.from({ length: WAY_STEPS + 1 }, (_, n) => spots(n / WAY_STEPS)).flat();
  const ends = (of: 'x' | 'y', cells: number): [number, number] => [
    Math.max(1, Math.floor(Math.min(...all.map((spot) => spot[of] - spot.r)) - WAY_CELLS)),
    Math.min(cells - 2, Math.ceil(Math.max(...all.map((spot) => spot[of] + spot.r)) + WAY_CELLS)),
  ];
  const [left, right] = ends('x', nx);
  const [top, bottom] = ends('y', ny);
  return { left, top, right, bottom };
}
