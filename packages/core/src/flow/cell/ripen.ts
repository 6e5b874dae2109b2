import type { Factors } from '../../factor';
import { actOf } from '../act';
import { fieldAt } from '../field-at';
import type { Pour } from '../simulate';
import type { Course } from './course';
import { drawnOut, type Matrix, stretchBack } from './stretch';
import { type Growth, grownBetween, growthAt, type Split } from './split';

/** How far cells have come at a place. */
export interface Ripe {
  readonly split: Split;
  /** By how many times e what lies above has thinned, and must before it tears. */
  readonly thinned: number;
  readonly tears: number;
  /** Length of the wave as it tore, or as it is now, mm; and what motion since then did to it, see `stretchBack`. */
  readonly waveMm: number;
  readonly back: Matrix;
  /** The same thinning, had the piece been left so long, s, after the last thing that moved it. */
  readonly leftFor: (s: number) => number;
}

const UNIT: Matrix = [1, 0, 0, 1];

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
  const { turns, site, scene } = pour;
  const born = course.born[place]!;
  if (born < 0) return undefined;
  const sets = scene.setsPerS ?? 0;
  const holds = factors['paint-holds'];
  const tears = Math.max(0, Math.log(split.aboveUm / factors['cell-tears-at']));
  const count = course.across * course.down;
  const spots = turns.map((_, turn) =>
    turn < born
      ? undefined
      : ([course.x[turn * count + place]!, course.y[turn * count + place]!] as const),
  );
  const heights = turns.map(({ um }, turn) => {
    const at = spots[turn];
    return at ? fieldAt(um, site, at[0], at[1]) : 0;
  });
  // How old its paint is at the end of each turn.
  const ages: number[] = [];
  for (const [turn, { s }] of turns.entries())
    if (turn < born) ages.push(0);
    else if (turn === born) ages.push(s * (1 - course.share[place]!));
    else ages.push(ages[turn - 1]! + s);

  // Back from the end to where what grew has broken since.
  const stretches: Matrix[] = [];
  let from = turns.length;
  while (from > born) {
    const back = from === turns.length ? UNIT : stretchBack(course, from - 1, place, site.cellMm);
    if (drawnOut(back) > factors['cell-breaks-at']) break;
    stretches[from - 1] = back;
    from--;
  }

  let thinned = 0;
  let wave: { mm: number; back: Matrix } | undefined;
  let still = turns.length;
  while (still > 0 && turns[still - 1]!.acts.every((n) => actOf(scene.acts[n]!).still)) still--;
  /** All of it before the piece was left, and what the flame gave it after that, pass by pass. */
  let moved = 0;
  const passes: { readonly atS: number; readonly e: number }[] = [];
  for (let turn = from; turn < turns.length; turn++) {
    const begins = turn === born ? heights[turn]! : heights[turn - 1]!;
    const growth = growthAt(split, (begins + heights[turn]!) / 2);
    const since = turn === born ? 0 : ages[turn - 1]!;
    const whole = thinned < tears;
    if (growth) thinned += grownBetween(growth, since, ages[turn]!, sets, holds);
    const coaxed = growth
      ? coaxedBy(pour, turn, spots[turn]!) * factors['torch-opens'] * nearly(growth, holds)
      : 0;
    thinned += coaxed;
    if (turn < still) moved = thinned;
    else if (coaxed > 0) passes.push({ atS: ages[turn]! - (ages[still - 1] ?? 0), e: coaxed });
    if (growth && (whole || !wave)) wave = { mm: growth.mm, back: stretches[turn]! };
  }
  if (!wave) return undefined;
  const lying = growthAt(split, (heights[Math.max(born, still - 1)]! + heights.at(-1)!) / 2);
  const leftAt = ages[still - 1] ?? 0;
  return {
    split,
    thinned,
    tears,
    waveMm: wave.mm,
    back: wave.back,
    leftFor: (s) =>
      moved +
      (lying ? grownBetween(lying, leftAt, leftAt + s, sets, holds) : 0) +
      passes.reduce((sum, { atS, e }) => sum + (atS <= s ? e : 0), 0),
  };
}

/** A flame opens what would open by itself, and the less the further it is from that: none that is driven half as much as it takes (judgement). */
const nearly = ({ drivePerS }: Growth, holdsPerS: number): number =>
  Math.min(1, Math.max(0, (2 * drivePerS) / Math.max(holdsPerS, 1e-9) - 1));

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
