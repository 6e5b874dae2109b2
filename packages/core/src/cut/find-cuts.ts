import { calmOf, contrastOf, type Picture, type Tiles, tilesOf } from '../reading';
import { type CutSize, spansOf } from './spans';

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
/** What a good cut is (tuned by eye): lively, with colours far apart, and about a quarter of it calm, so that the eye has somewhere to rest. */
const WEIGHTS = { lively: 0.4, contrast: 0.4, calm: 0.2 } as const;
/** All of what a picture can have of each: contrast within 3 mm, ΔE; colours' deviation from their mean, ΔE. */
const FULL = { lively: 22, contrast: 32 } as const;
const CALM = { best: 0.25, reach: 0.5 } as const;

/** Sums along rows of each field, a column more than there are squares: what lies between two columns is a difference. */
interface Sums {
  readonly across: number;
  readonly down: number;
  readonly fields: readonly Float64Array[];
}

/** The best cuts of a size, one not over another: every place is tried, in steps of two millimetres. */
export function findCuts(picture: Picture, ask: CutAsk): Cut[] {
  const { sums, mm } = sumsOf(tilesOf(picture));
  const ways = [ask, ...(ask.mayTurn && ask.widthMm !== ask.heightMm ? [turned(ask)] : [])];
  const all = ways.flatMap((size, way) => cutsOf(sums, mm, size, way === 1, ask.avoidMm));
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

function cutsOf(
  sums: Sums,
  mm: number,
  size: CutSize,
  across: boolean,
  avoidMm: CutAsk['avoidMm'],
): Cut[] {
  const spans = spansOf(size, mm);
  const wide = Math.max(...spans.map(([, last]) => last + 1));
  const step = Math.max(1, Math.round(STEP_MM / mm));
  const squares = spans.reduce((sum, [first, last]) => sum + last - first + 1, 0);
  const found: Cut[] = [];
  for (let y = 0; y + spans.length <= sums.down; y += step)
    for (let x = 0; x + wide <= sums.across; x += step) {
      const [xMm, yMm] = [x * mm, y * mm];
      if (avoidMm.some((at) => reaches(size, xMm, yMm, at))) continue;
      const of = within(sums, spans, x, y);
      if (of[0]! < squares) continue;
      found.push({
        xMm,
        yMm,
        widthMm: size.widthMm,
        heightMm: size.heightMm,
        turned: across,
        ...scored(of),
      });
    }
  return found;
}

/** What each field adds up to within a cut. */
function within({ across, fields }: Sums, spans: ReturnType<typeof spansOf>, x: number, y: number) {
  const sum = new Float64Array(fields.length);
  spans.forEach(([first, last], row) => {
    const from = (y + row) * (across + 1) + x + first;
    const to = (y + row) * (across + 1) + x + last + 1;
    for (let k = 0; k < sum.length; k++) sum[k]! += fields[k]![to]! - fields[k]![from]!;
  });
  return sum;
}

function scored(of: Float64Array): Pick<Cut, 'score' | 'lively' | 'contrast' | 'calm'> {
  const [n, contrast, calm, l, a, b, squares] = of as unknown as [
    number,
    number,
    number,
    number,
    number,
    number,
    number,
  ];
  const variance = squares / n - (l * l + a * a + b * b) / (n * n);
  const lively = Math.min(1, contrast / n / FULL.lively);
  const apartness = Math.min(1, Math.sqrt(Math.max(0, variance)) / FULL.contrast);
  const calmShare = calm / n;
  const rests = Math.max(0, 1 - Math.abs(calmShare - CALM.best) / CALM.reach);
  return {
    score: WEIGHTS.lively * lively + WEIGHTS.contrast * apartness + WEIGHTS.calm * rests,
    lively,
    contrast: apartness,
    calm: calmShare,
  };
}

/** Sums of what a cut is judged by: squares on the piece, contrast, calm, L*, a*, b* and their squares together. */
function sumsOf(tiles: Tiles): { readonly sums: Sums; readonly mm: number } {
  const { across, down, mm, lab, on } = tiles;
  const contrast = contrastOf(tiles);
  const calm = calmOf(tiles, contrast);
  const fields = Array.from({ length: 7 }, () => new Float64Array((across + 1) * down));
  for (let y = 0; y < down; y++)
    for (let x = 0; x < across; x++) {
      const i = y * across + x;
      const [l, a, b] = [lab[3 * i]!, lab[3 * i + 1]!, lab[3 * i + 2]!];
      const own = on[i]
        ? [1, contrast[i]!, calm[i]!, l, a, b, l * l + a * a + b * b]
        : [0, 0, 0, 0, 0, 0, 0];
      const at = y * (across + 1) + x;
      for (let k = 0; k < own.length; k++) fields[k]![at + 1] = fields[k]![at]! + own[k]!;
    }
  return { sums: { across, down, fields }, mm };
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
