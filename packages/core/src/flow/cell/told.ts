import type { Factors } from '../../factor';
import { CAUSES } from './cause';
import { LEFT_MIN, LONGEST_S } from './forecast';
import type { Cells, PaintCell } from './paint-cell';
import { cameFrom, overturn } from './overturn';
import { cellAge, thinnedBy, tornAt } from './seen-in';
import { turnsOf } from './split';

/** Cells at one time. */
export interface CellsThen {
  readonly count: number;
  /** Width of the middle one of them by size, mm; 0 where there is none. */
  readonly medianMm: number;
  /** Standard deviation of their widths over the mean. */
  readonly spread: number;
  /** What part of the face they are, 0..1. */
  readonly share: number;
}

/** The cells of a pour. */
export interface CellsTold extends CellsThen {
  /** How many of them which cause drives most, in words, most first. */
  readonly causes: readonly { readonly says: string; readonly count: number }[];
  /** What part of them lies in each ninth of the piece, row by row. */
  readonly ninths: readonly number[];
  /** Had it been left for so long after the last thing that moved it; `wider`: how much wider than just then the middle one of those would be that stood open, as a share; absent where none did. */
  readonly left: readonly (CellsThen & { readonly min: number; readonly wider?: number })[];
  /** By then nine tenths of what will open has opened, min; absent where nothing does. */
  readonly doneMin?: number;
}

interface Face {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly areaMm2: number;
}

/** What is told of cells that stand open. */
export function tellCells({ cells, factors }: Cells, face: Face): CellsTold {
  const open = cells.flatMap((cell) => {
    const mm = openMm(cell, factors);
    return mm > 0 ? [{ cell, mm }] : [];
  });
  const then = (mms: readonly number[]) => thenOf(mms, face.areaMm2);
  const counts = new Map<string, number>();
  const ninths = new Array<number>(9).fill(0);
  for (const { cell } of open) {
    const { says } = CAUSES[cell.cause];
    counts.set(says, (counts.get(says) ?? 0) + 1);
    const [x, y] = [third(cell.atMm[0] / face.widthMm), third(cell.atMm[1] / face.heightMm)];
    ninths[3 * y + x]! += 1 / open.length;
  }
  const widerBy = (s: number): { readonly wider?: number } => {
    const ratios = cells.flatMap((cell) => {
      const mm = openMm(cell, factors, 0);
      return mm > 0 ? [openMm(cell, factors, s) / mm] : [];
    });
    ratios.sort((a, b) => a - b);
    return ratios.length > 0 ? { wider: ratios[ratios.length >> 1]! - 1 } : {};
  };
  const leftFor = (s: number) =>
    then(cells.map((cell) => openMm(cell, factors, s)).filter((mm) => mm > 0));
  const whole = leftFor(LONGEST_S).share;
  return {
    ...then(open.map(({ mm }) => mm)),
    causes: [...counts].map(([says, count]) => ({ says, count })).sort((a, b) => b.count - a.count),
    ninths,
    left: LEFT_MIN.map((min) => ({ min, ...leftFor(60 * min), ...widerBy(60 * min) })),
    ...(whole > 0 ? { doneMin: firstMin((min) => leftFor(60 * min).share >= DONE * whole) } : {}),
  };
}

/** What part of what opens in the longest time makes most of it. */
const DONE = 0.9;

/** The first minute of the longest time at which something holds that goes on holding. */
function firstMin(holds: (min: number) => boolean): number {
  let [not, yes] = [0, LONGEST_S / 60];
  while (yes - not > 1) {
    const middle = Math.floor((not + yes) / 2);
    if (holds(middle)) yes = middle;
    else not = middle;
  }
  return yes;
}

const third = (share: number): number => Math.min(2, Math.max(0, Math.floor(3 * share)));

function thenOf(mms: readonly number[], areaMm2: number): CellsThen {
  const count = mms.length;
  if (count === 0) return { count, medianMm: 0, spread: 0, share: 0 };
  const sorted = [...mms].sort((a, b) => a - b);
  const mean = mms.reduce((sum, mm) => sum + mm, 0) / count;
  const variance = mms.reduce((sum, mm) => sum + (mm - mean) ** 2, 0) / count;
  return {
    count,
    medianMm: sorted[count >> 1]!,
    spread: Math.sqrt(variance) / mean,
    share: mms.reduce((sum, mm) => sum + (Math.PI * mm * mm) / 4, 0) / areaMm2,
  };
}

/** Nobody calls a narrower hole a cell, mm. */
const LEAST_MM = 0.6;
/** Times the radius is halved to find how far out what lay below is seen. */
const HALVINGS = 7;
const from = new Float64Array(2);

/** How wide the hole of a cell is that shows what lay below, mm; 0 where it has not torn. */
export function openMm(cell: PaintCell, factors: Factors, leftForS?: number): number {
  const { radiusMm, ripe } = cell;
  if (thinnedBy(cell, leftForS) < ripe.tears) return 0;
  const { um, aboveUm } = ripe.split;
  const table = overturn(cellAge(cell, factors, leftForS));
  const turnsUm = turnsOf(ripe.split) * um;
  const skin = factors['cell-tears-at'] / turnsUm;
  const below = (rho: number): boolean => {
    cameFrom(table, rho, tornAt(table, rho, skin), from);
    return from[1]! > aboveUm / turnsUm;
  };
  if (!below(LEAST_MM / 2 / radiusMm)) return 0;
  let [inside, outside] = [0, 1];
  for (let n = 0; n < HALVINGS; n++) {
    const middle = (inside + outside) / 2;
    if (below(middle)) inside = middle;
    else outside = middle;
  }
  return radiusMm * (inside + outside);
}
