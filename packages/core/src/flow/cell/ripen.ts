import type { Factors } from '../../factor';
import { actOf } from '../act';
import { fieldAt } from '../field-at';
import type { Pour } from '../simulate';
import type { Course } from './course';
import { drawnOut, type Matrix, stretchBack } from './stretch';
import { driveAt, type Growth, grownBetween, growthAt, type Split } from './split';

/** How far cells have come at a place. */
export interface Ripe {
  readonly split: Split;
  /** By how many times e what lies above has thinned, and must before it tears. */
  readonly thinned: number;
  readonly tears: number;
  /** Length of the wave as it tore, or as it is now, mm; and what motion since then did to it, see `stretchBack`. */
  readonly waveMm: number;
  readonly back: Matrix;
  readonly left: Left;
}

/** What goes on at a place once nothing moves it any more. */
interface Left {
  /** By how many times e it had thinned by then, and how old it was, s. */
  readonly thinned: number;
  readonly ageS: number;
  /** How it grows as it lies, where it does; how it sets, and what holds it, see `grownBetween`. */
  readonly lying?: Growth;
  readonly setsPerS: number;
  readonly holds: number;
  /** What flames gave it so long after. */
  readonly passes: readonly { readonly atS: number; readonly e: number }[];
}

/** By how many times e a place would have thinned, had the piece been left so long, s, after the last thing that moved it. */
export const leftFor = (
  { left: { thinned, ageS, lying, setsPerS, holds, passes } }: Ripe,
  s: number,
): number =>
  thinned +
  (lying ? grownBetween(lying, ageS, ageS + s, setsPerS, holds) : 0) +
  passes.reduce((sum, { atS, e }) => sum + (atS <= s ? e : 0), 0);

const UNIT: Matrix = [1, 0, 0, 1];

/** What a place of the surface went through, turn by turn: where its paint was at the end of each, cells; how high the film stood there, µm; how old it was, s. */
interface Life {
  readonly born: number;
  readonly spots: readonly (readonly [number, number] | undefined)[];
  readonly um: readonly number[];
  readonly ageS: readonly number[];
}

function lifeOf({ turns, site }: Pour, course: Course, place: number): Life | undefined {
  const born = course.born[place]!;
  if (born < 0) return undefined;
  const count = course.across * course.down;
  const spots = turns.map((_, turn) =>
    turn < born
      ? undefined
      : ([course.x[turn * count + place]!, course.y[turn * count + place]!] as const),
  );
  let age = 0;
  return {
    born,
    spots,
    um: turns.map(({ um }, turn) => {
      const at = spots[turn];
      return at ? fieldAt(um, site, at[0], at[1]) : 0;
    }),
    ageS: turns.map(({ s }, turn) => {
      if (turn === born) age = s * (1 - course.share[place]!);
      else if (turn > born) age += s;
      return age;
    }),
  };
}

/** The first turn since which nothing that grew has broken; and for each from there on what motion since its end did. */
function unbroken(
  { turns, site }: Pour,
  course: Course,
  place: number,
  born: number,
  breaksAt: number,
): { readonly from: number; readonly backs: ReadonlyMap<number, Matrix> } {
  const backs = new Map<number, Matrix>();
  for (let turn = turns.length - 1; turn >= born; turn--) {
    const back = turn === turns.length - 1 ? UNIT : stretchBack(course, turn, place, site.cellMm);
    if (drawnOut(back) > breaksAt) return { from: turn + 1, backs };
    backs.set(turn, back);
  }
  return { from: born, backs };
}

/** Turns after the last thing that moved the film begin here. */
function leftFrom({ turns, scene }: Pour): number {
  let from = turns.length;
  while (from > 0 && turns[from - 1]!.acts.every((n) => actOf(scene.acts[n]!).still)) from--;
  return from;
}

/**
 * How far cells have come at a place whose column splits so: turn by turn from where its paint came to lie there, as high as the film was
 * then. What was drawn out too far since has broken, and begins anew.
 */
export function ripen(
  pour: Pour,
  course: Course,
  place: number,
  split: Split,
  factors: Factors,
): Ripe | undefined {
  const life = lifeOf(pour, course, place);
  if (!life) return undefined;
  const { born, spots, um, ageS } = life;
  const { turns, scene } = pour;
  const sets = scene.setsPerS ?? 0;
  const holds = factors['paint-holds'];
  const tears = Math.max(0, Math.log(split.aboveUm / factors['cell-tears-at']));
  const { from, backs } = unbroken(pour, course, place, born, factors['cell-breaks-at']);
  const left = leftFrom(pour);
  const leftAtS = ageS[left - 1] ?? 0;

  let thinned = 0;
  // What of that was before it was left, and what flames gave it since then.
  let moved = 0;
  const passes: { readonly atS: number; readonly e: number }[] = [];
  let wave: { readonly mm: number; readonly back: Matrix } | undefined;
  for (let turn = from; turn < turns.length; turn++) {
    const begins = Math.max(born, turn - 1);
    const growth = growthAt(split, (um[begins]! + um[turn]!) / 2);
    if (growth) {
      // As long as it has not torn another wave may overtake.
      if (thinned < tears || !wave) wave = { mm: growth.mm, back: backs.get(turn)! };
      const sinceS = turn === born ? 0 : ageS[turn - 1]!;
      const coaxed =
        coaxedBy(pour, turn, spots[turn]!) * factors['torch-opens'] * nearly(growth, holds);
      thinned += grownBetween(growth, sinceS, ageS[turn]!, sets, holds) + coaxed;
      if (turn >= left && coaxed > 0) passes.push({ atS: ageS[turn]! - leftAtS, e: coaxed });
    }
    if (turn < left) moved = thinned;
  }
  if (!wave) return undefined;
  const lying = growthAt(split, (um[Math.max(born, left - 1)]! + um.at(-1)!) / 2);
  return {
    split,
    thinned,
    tears,
    waveMm: wave.mm,
    back: wave.back,
    left: {
      thinned: moved,
      ageS: leftAtS,
      ...(lying ? { lying } : {}),
      setsPerS: sets,
      holds,
      passes,
    },
  };
}

/** Whether a split could come to anything, were the film never higher than this, µm: nothing opens it by itself, nor does a flame. */
export const mayOpen = (split: Split, mostUm: number, factors: Factors): boolean =>
  driveAt(split, mostUm) > LEAST_COAXED * factors['paint-holds'];

/** A flame opens nothing that is driven by less than this share of what the paint holds (judgement). */
const LEAST_COAXED = 0.5;

/** A flame opens what would open by itself, and the less the further it is from that. */
const nearly = ({ drivePerS }: Growth, holdsPerS: number): number =>
  Math.min(
    1,
    Math.max(0, (drivePerS / Math.max(holdsPerS, 1e-9) - LEAST_COAXED) / (1 - LEAST_COAXED)),
  );

/** What flames of a turn coaxed at a place, in cells, in passes. */
function coaxedBy(
  { turns, scene, site: { cellMm, originMm } }: Pour,
  turn: number,
  [x, y]: readonly [number, number],
): number {
  let passes = 0;
  for (const n of turns[turn]!.acts) {
    const act = scene.acts[n]!;
    passes += actOf(act).coaxes?.(act, [x * cellMm - originMm[0], y * cellMm - originMm[1]]) ?? 0;
  }
  return passes;
}

/** How far a cell has opened, as the age of its overturning: once torn it goes on for a while, ever more slowly. */
export function ageOf(thinned: number, tears: number, factors: Factors): number {
  if (thinned <= tears) return Math.max(0, thinned);
  const goes = factors['cell-opens-by'];
  return tears + goes * (1 - Math.exp(-(thinned - tears) / goes));
}
