import { type Cells, type CellsTold, tellCells } from './cell';
import { DRY_M } from './film';
import type { PictureRead } from '../reading';
import { SIDES, type Side } from './ground';
import { type LimbTold, limbsTold } from './limbs';
import type { Pour } from './simulate';

/** What came of one pour, for one piece. */
export interface Settled {
  /** Share of the face that is wet, 0..1. */
  readonly coveredShare: number;
  /** Corners, or points round the rim, that stayed bare, mm. */
  readonly bareMm: readonly (readonly [number, number])[];
  /** Parts that want paint of their own, as they came out; absent where the face is one. */
  readonly limbs?: readonly LimbTold[];
  readonly laidMl: number;
  /** What ran off over each side, mL. */
  readonly spiltMl: Readonly<Record<Side, number>>;
  /** What the sides of the piece hold, mL. */
  readonly edgesMl: number;
  /** What was taken off again, mL: stayed on a sheet, or went with a cloth; absent where nothing was. */
  readonly takenMl?: number;
  /** Wet film where there is any. */
  readonly film: {
    readonly meanMm: number;
    readonly thinnestMm: number;
    readonly thickestMm: number;
  };
  /** Cells that opened; absent where nobody asked for any. */
  readonly cells?: CellsTold;
}

/** What came of all that is poured on a piece: of its first pour, of each that came on it once that had dried, and what shows of them all. */
export interface Outcome extends Settled {
  /** How much of what is seen of the wet face each mix makes, 0..1; see `seenShares`. */
  readonly shows: Readonly<Record<string, number>>;
  /** Pours on what had dried, in order, and the stage of its piece each is; absent where there is none. */
  readonly later?: readonly (Settled & { readonly stage: number })[];
  /** What is read off its picture, as off a photograph; absent where it was not coloured as it is seen. */
  readonly read?: PictureRead;
}

/** What ran off over all sides, mL. */
export const runOffMl = ({ spiltMl }: Pick<Outcome, 'spiltMl'>): number =>
  SIDES.reduce((sum, side) => sum + spiltMl[side], 0);

/** Around a corner this share of the longer side must be wet to nine tenths, else it counts as bare. */
const CORNER = 0.05;
const WET_ENOUGH = 0.9;

/** All pours of a piece, the first first. */
export const poursOf = (outcome: Outcome): readonly Settled[] => [
  outcome,
  ...(outcome.later ?? []),
];

/** What came of a pour, whatever its colours. */
export function settledOf(pour: Pour, paintCells?: Cells): Settled {
  const { site, h, scene } = pour;
  const { inside, grid } = site;
  const bared = baredIn(pour);
  let cells = 0;
  let wet = 0;
  let sum = 0;
  let thinnest = Infinity;
  let thickest = 0;
  for (let i = 0; i < h.length; i++) {
    const height = h[i]!;
    if (!inside[i] || (bared[i] && height < DRY_M)) continue;
    cells++;
    if (height < DRY_M) continue;
    wet++;
    sum += height;
    thickest = Math.max(thickest, height);
    // The very front goes down to nothing; the thinnest film is told from where there is paint all round.
    const surrounded = [i - 1, i + 1, i - grid.nx, i + grid.nx].every(
      (j) => !inside[j] || h[j]! >= DRY_M,
    );
    if (surrounded) thinnest = Math.min(thinnest, height);
  }
  const limbs = limbsTold(pour);
  return {
    ...(limbs.length > 0 ? { limbs } : {}),
    coveredShare: cells > 0 ? wet / cells : 0,
    bareMm: scene.reachesMm.filter((at) => isBare(pour, at)),
    laidMl: pour.laidMl,
    spiltMl: Object.fromEntries(SIDES.map((side, k) => [side, pour.spiltMl[k]!])) as Record<
      Side,
      number
    >,
    edgesMl: pour.edgesMl,
    ...(pour.takenMl > 0 ? { takenMl: pour.takenMl } : {}),
    film: {
      meanMm: wet > 0 ? (1000 * sum) / wet : 0,
      thinnestMm: Number.isFinite(thinnest) ? 1000 * thinnest : 0,
      thickestMm: 1000 * thickest,
    },
    ...(paintCells ? { cells: tellCells(paintCells, faceOf(pour, cells)) } : {}),
  };
}

/** Less of a column is left where it was wiped bare. */
const WIPED_BARE = 0.05;

/** Cells that were wiped bare: there nothing is missing. */
function baredIn({ steps, h }: Pour): Uint8Array {
  const bared = new Uint8Array(h.length);
  for (const { taken } of steps)
    taken?.at.forEach((i, n) => {
      if (taken.highZ[n] === 1 && taken.lowZ[n]! < WIPED_BARE) bared[i] = 1;
    });
  return bared;
}

const faceOf = ({ scene: { widthMm, heightMm }, site: { cellMm } }: Pour, cells: number) => ({
  widthMm,
  heightMm,
  areaMm2: cells * cellMm * cellMm,
});

function isBare({ site, h, scene }: Pour, [x, y]: readonly [number, number]): boolean {
  const near = CORNER * Math.max(scene.widthMm, scene.heightMm);
  let cells = 0;
  let wet = 0;
  for (let i = 0; i < h.length; i++) {
    if (!site.inside[i]) continue;
    const dx = ((i % site.grid.nx) + 0.5) * site.cellMm - site.originMm[0] - x;
    const dy = (Math.floor(i / site.grid.nx) + 0.5) * site.cellMm - site.originMm[1] - y;
    if (dx * dx + dy * dy > near * near) continue;
    cells++;
    if (h[i]! >= DRY_M) wet++;
  }
  return wet < WET_ENOUGH * cells;
}
