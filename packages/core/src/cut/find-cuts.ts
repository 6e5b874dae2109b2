import {
  type AreaSums,
  areaSums,
  calmOf,
  contrastOf,
  type Picture,
  spreadSums,
  sumWithin,
  type Tiles,
  tilesOf,
} from '../reading';
import { flatPatchesOf } from './flat-patches';
import { type Block, blocksOf, type CutSize } from './spans';
import { veinsOf } from './veins';

/** A cut where it lies on the piece, mm from the piece's upper left to the cut's; `turned`: it lies across. */
export interface Cut {
  readonly xMm: number;
  readonly yMm: number;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly turned: boolean;
  /** How good it is, 0 to 1, and of what that is made. */
  readonly score: number;
  readonly lively: number;
  readonly contrast: number;
  readonly calm: number;
  /** How long the veins in it are together, mm; and what part of it are patches the eye falls into. */
  readonly veinMm: number;
  readonly patch: number;
}

export interface CutAsk extends CutSize {
  /** As many as are wanted, one not over another. */
  readonly count: number;
  /** May it lie across as well. */
  readonly mayTurn: boolean;
  /** Places that are in no cut, mm: a crack, a hair, a bare spot. */
  readonly avoidMm: readonly (readonly [number, number])[];
}

/** Cuts are tried every so many mm. */
const STEP_MM = 2;
/** A knife needs so much room between two cuts, mm; and a place that is kept out has to be so far away. */
const KERF_MM = 2;
const AVOID_MM = 3;
/**
 * What a good cut is (tuned by eye): lively, with colours far apart, a vein running through it, and about a quarter of it calm, so that the eye has
 * somewhere to rest.
 */
const WEIGHTS = { lively: 0.35, contrast: 0.3, vein: 0.2, calm: 0.15 } as const;
/** All of what a picture can have of each: contrast within 3 mm, ΔE; colours' deviation from their mean, ΔE. Of veins it is the cut's longer side. */
const FULL = { lively: 22, contrast: 32 } as const;
const CALM = { best: 0.25, reach: 0.5 } as const;
/** A calm place as wide as this part of the cut's shorter side is a patch; what is all patch is worth so much less. */
const PATCH = { ofSide: 1 / 3, costs: 0.5 } as const;

/** Sums of what a cut is judged by: squares on the piece, contrast, calm, L*, a*, b* and their squares together, mm of vein, patches. */
interface Judged {
  readonly tiles: Tiles;
  readonly count: AreaSums;
  readonly l: AreaSums;
  readonly a: AreaSums;
  readonly b: AreaSums;
  readonly squares: AreaSums;
  readonly contrast: AreaSums;
  readonly calm: AreaSums;
  readonly vein: AreaSums;
  readonly patch: AreaSums;
}

/** The best cuts of a size, one not over another: every place is tried, in steps of two millimetres. */
export function findCuts(picture: Picture, ask: CutAsk): Cut[] {
  const judged = judgedBy(tilesOf(picture), PATCH.ofSide * Math.min(ask.widthMm, ask.heightMm));
  const ways = [ask, ...(ask.mayTurn && ask.widthMm !== ask.heightMm ? [turned(ask)] : [])];
  const all = ways.flatMap((size, way) => cutsOf(judged, size, way === 1, ask.avoidMm));
  all.sort((a, b) => b.score - a.score || a.yMm - b.yMm || a.xMm - b.xMm);
  const chosen: Cut[] = [];
  for (const cut of all) {
    if (chosen.length >= ask.count) break;
    if (chosen.every((other) => apart(cut, other, ask.kind))) chosen.push(cut);
  }
  return chosen;
}

const turned = ({ widthMm, heightMm, ...ask }: CutAsk): CutAsk => ({
  ...ask,
  widthMm: heightMm,
  heightMm: widthMm,
});

function cutsOf(judged: Judged, size: CutSize, across: boolean, avoidMm: CutAsk['avoidMm']): Cut[] {
  const { tiles } = judged;
  const blocks = blocksOf(size, tiles.mm);
  const wide = Math.max(...blocks.map(({ right }) => right));
  const high = blocks.at(-1)!.low;
  const step = Math.max(1, Math.round(STEP_MM / tiles.mm));
  const squares = blocks.reduce(
    (sum, { left, right, top, low }) => sum + (right - left) * (low - top),
    0,
  );
  const found: Cut[] = [];
  for (let y = 0; y + high <= tiles.down; y += step)
    for (let x = 0; x + wide <= tiles.across; x += step) {
      const [xMm, yMm] = [x * tiles.mm, y * tiles.mm];
      if (avoidMm.some((at) => reaches(size, xMm, yMm, at))) continue;
      const sum = (of: AreaSums) => sumOf(of, tiles.across, blocks, x, y);
      if (sum(judged.count) < squares) continue;
      found.push({
        xMm,
        yMm,
        widthMm: size.widthMm,
        heightMm: size.heightMm,
        turned: across,
        ...scored(judged, sum, Math.max(size.widthMm, size.heightMm)),
      });
    }
  return found;
}

/** What a field adds up to within a cut whose upper left is at a square. */
function sumOf(sums: AreaSums, across: number, blocks: readonly Block[], x: number, y: number) {
  let sum = 0;
  for (const { left, right, top, low } of blocks)
    sum += sumWithin(sums, across, [x + left, x + right], [y + top, y + low]);
  return sum;
}

function scored(
  judged: Judged,
  sum: (of: AreaSums) => number,
  longerMm: number,
): Pick<Cut, 'score' | 'lively' | 'contrast' | 'calm' | 'veinMm' | 'patch'> {
  const n = sum(judged.count);
  const middle2 = (sum(judged.l) ** 2 + sum(judged.a) ** 2 + sum(judged.b) ** 2) / (n * n);
  const lively = Math.min(1, sum(judged.contrast) / n / FULL.lively);
  const variance = Math.max(0, sum(judged.squares) / n - middle2);
  const contrast = Math.min(1, Math.sqrt(variance) / FULL.contrast);
  const calm = sum(judged.calm) / n;
  const rests = Math.max(0, 1 - Math.abs(calm - CALM.best) / CALM.reach);
  const veinMm = Math.max(0, sum(judged.vein));
  const vein = Math.min(1, veinMm / longerMm);
  const patch = sum(judged.patch) / n;
  const good =
    WEIGHTS.lively * lively +
    WEIGHTS.contrast * contrast +
    WEIGHTS.vein * vein +
    WEIGHTS.calm * rests;
  return { score: good * (1 - PATCH.costs * patch), lively, contrast, calm, veinMm, patch };
}

function judgedBy(tiles: Tiles, patchMm: number): Judged {
  const contrast = contrastOf(tiles);
  const calm = calmOf(tiles, contrast);
  const sums = (field: Float32Array | Uint8Array) =>
    areaSums(tiles.across, tiles.down, (i) => field[i]!);
  return {
    tiles,
    ...spreadSums(tiles),
    contrast: sums(contrast),
    calm: sums(calm),
    vein: sums(veinsOf(tiles)),
    patch: sums(flatPatchesOf(calm, tiles, patchMm)),
  };
}

/** Whether a place lies within a cut, or so near to it that the knife would meet it. */
function reaches(
  { kind, widthMm, heightMm }: CutSize,
  xMm: number,
  yMm: number,
  [px, py]: readonly [number, number],
): boolean {
  const [dx, dy] = [Math.abs(px - xMm - widthMm / 2), Math.abs(py - yMm - heightMm / 2)];
  const [rx, ry] = [widthMm / 2 + AVOID_MM, heightMm / 2 + AVOID_MM];
  return kind === 'rect' ? dx < rx && dy < ry : (dx / rx) ** 2 + (dy / ry) ** 2 < 1;
}

/** Whether a knife gets between two cuts. Ovals are far enough apart where their boxes are, or where their middles are as circles round them. */
function apart(one: Cut, other: Cut, kind: CutSize['kind']): boolean {
  const [dx, dy] = [
    Math.abs(one.xMm + one.widthMm / 2 - other.xMm - other.widthMm / 2),
    Math.abs(one.yMm + one.heightMm / 2 - other.yMm - other.heightMm / 2),
  ];
  const boxes =
    dx >= (one.widthMm + other.widthMm) / 2 + KERF_MM ||
    dy >= (one.heightMm + other.heightMm) / 2 + KERF_MM;
  if (boxes || kind === 'rect') return boxes;
  const radius = ({ widthMm, heightMm }: Cut) => Math.max(widthMm, heightMm) / 2;
  return Math.hypot(dx, dy) >= radius(one) + radius(other) + KERF_MM;
}
