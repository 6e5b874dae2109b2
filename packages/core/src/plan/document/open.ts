import type { Cup } from '../../cup/schema';
import { FACTORS } from '../../factor';
import { type Book, openBook } from '../../material/book';
import { asCarded } from '../../mix/card';
import { mixTint } from '../../mix/opacity';
import { makeRecipe, type Recipe } from '../../mix/recipe';
import type { Mix } from '../../mix/schema';
import type { Tint } from '../../optics/film';
import { hexToSpectrum, type Spectrum } from '../../optics/spectrum';
import type { Paint } from '../../paint/schema';
import type { Plan } from './schema';

/** A plan with everything in it found by its id, and what hangs on the document alone worked out once. */
export interface OpenPlan {
  readonly plan: Plan;
  readonly book: Book;
  /** @throws RangeError for a paint the plan has not */
  readonly paint: (id: string) => Paint;
  readonly hasPaint: (id: string) => boolean;
  /** @throws RangeError for a mix the plan has not */
  readonly mix: (id: string) => Mix;
  readonly hasMix: (id: string) => boolean;
  /** Its own id where there is no such mix. */
  readonly mixName: (id: string) => string;
  /** The colour it is known by: that of its first paint; mid grey where there is none. */
  readonly hexOf: (mix: string) => string;
  readonly recipe: (mix: string) => Recipe;
  /** The recipe of a mix that need not be the plan's, from the plan's paints. */
  readonly recipeOf: (mix: Mix) => Recipe;
  readonly tint: (mix: string) => Tint;
  /** g/mL; a usual figure for a mix the plan has not. */
  readonly densityOf: (mix: string) => number;
  readonly cup: (id: string) => Cup | undefined;
  /** "cup 2": by its place in the list, as artists count. */
  readonly cupName: (id: string) => string;
  /** Whether any mix has oil in it. */
  readonly oily: boolean;
  /** Reflectance of the bare surface. */
  readonly ground: Spectrum;
}

const opened = new WeakMap<Plan, OpenPlan>();

/** Opens a plan; the same document is opened once. Nothing is worked out before it is asked for. */
export function openPlan(plan: Plan): OpenPlan {
  const known = opened.get(plan);
  if (known) return known;
  const open = make(plan);
  opened.set(plan, open);
  return open;
}

function make(plan: Plan): OpenPlan {
  let book: Book | undefined;
  let ground: Spectrum | undefined;
  const paints = new Map(plan.paints.map((p) => [p.id, p]));
  const mixes = new Map(plan.mixes.map((m) => [m.id, m]));
  const cups = new Map(plan.cups.map((c, i) => [c.id, { cup: c, number: i + 1 }]));
  const found = <T>(kind: string, all: ReadonlyMap<string, T>, id: string): T => {
    const one = all.get(id);
    if (one === undefined) throw new RangeError(`no ${kind} "${id}"`);
    return one;
  };
  const paint = (id: string) => found('paint', paints, id);
  const mix = (id: string) => found('mix', mixes, id);
  const open: OpenPlan = {
    plan,
    get book() {
      return (book ??= openBook(plan.materials ?? [], plan.mediums ?? []));
    },
    get oily() {
      return plan.mixes.some((m) =>
        m.additives?.some((a) => open.book.material(a.material).role === 'oil'),
      );
    },
    get ground() {
      return (ground ??= hexToSpectrum(plan.surface.ground.hex));
    },
    paint,
    hasPaint: (id) => paints.has(id),
    mix,
    hasMix: (id) => mixes.has(id),
    mixName: (id) => mixes.get(id)?.name ?? id,
    hexOf: (id) => paints.get(mixes.get(id)?.paints[0]?.paint ?? '')?.hex ?? '#808080',
    recipeOf: (of) => makeRecipe(of, paint, open.book, plan.landings),
    recipe: once((id) => open.recipeOf(mix(id))),
    tint: once((id) => asCarded(mix(id), mixTint(open.recipe(id), paint))),
    densityOf: (id) =>
      mixes.has(id) ? open.recipe(id).densityGPerMl : FACTORS['mixed-weighs'].usual,
    cup: (id) => cups.get(id)?.cup,
    cupName: (id) => `cup ${cups.get(id)?.number ?? 0}`,
  };
  return open;
}

/** Worked out at the first asking of each id. */
function once<T>(work: (id: string) => T): (id: string) => T {
  const done = new Map<string, T>();
  return (id) => {
    const known = done.get(id);
    if (known !== undefined) return known;
    const value = work(id);
    done.set(id, value);
    return value;
  };
}
