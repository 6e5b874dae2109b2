import { SCHOOLS } from '../../budget/school';
import { LEAN_ML_PER_CM2 } from '../../budget/school/lean';
import type { Budget, SchoolId } from '../../budget/schema';
import { consistencyOf } from '../../mix/consistency';
import type { Landing } from '../../mix/landing';
import { letDown } from '../../mix/let-down';
import { makeRecipe } from '../../mix/recipe';
import type { Consistency, Mix } from '../../mix/schema';
import { openBook } from '../../material/book';
import type { Body, Paint } from '../../paint/schema';
import { measureSurface } from '../../surface/measure';
import type { WaitingId } from '../../schedule';
import type { Surface } from '../../surface/schema';
import { techniqueOf, type TechniqueId } from '../../technique';
import { rewriteMoves, setPreparation } from './moves';
import type { TaskId } from '../../verb';
import { USUAL_ROOM } from '../document/room';
import type { Plan } from '../document/schema';
import { meetNeeds, partOf } from './needs';
import { startingCups } from './starting-cups';

export interface NewPlan {
  readonly title: string;
  readonly surface: Surface;
  readonly paints: readonly Paint[];
  readonly technique: TechniqueId;
  readonly school?: SchoolId;
  readonly seed?: number;
  readonly pour?: string;
  /** What is done before the pour, where the artist has a way of their own for such a surface. */
  readonly preparation?: readonly TaskId[];
  /** How this artist's mixes have been found to come out. */
  readonly landings?: readonly Landing[];
  /** How long its artist waits before a coat. */
  readonly waiting?: WaitingId;
}

/** Medium and parts a body starts from (handbook 4, common practice): let down from there to the step wanted. */
const START: Readonly<Record<Body, Mix['medium'] | undefined>> = {
  heavy: { id: 'conditioner', parts: 2 },
  soft: { id: 'conditioner', parts: 2 },
  craft: { id: 'conditioner', parts: 1 },
  fluid: { id: 'gloss-medium', parts: 1 },
  ready: undefined,
};

/**
 * A complete plan from surface, paints and technique: mixes at the technique's thickness, the school's amounts,
 * cups loaded in the best order, moves written. It passes `checkPlan` for any valid input.
 * Throws a RangeError without a paint.
 */
export function newPlan({
  title,
  surface,
  paints,
  technique: id,
  school = 'generous',
  seed = 1,
  pour,
  preparation,
  landings = [],
  waiting,
}: NewPlan): Plan {
  if (paints.length === 0) throw new RangeError('a plan needs at least one paint');
  const { needs, pins } = techniqueOf(id);
  const mixes = paints.map((paint) => mixFor(paint, needs.consistency, landings));
  const bare: Plan = {
    format: 'potter.pour',
    version: 1,
    title,
    surface,
    paints: [...paints],
    mixes,
    budget: startingBudget(surface, mixes, school),
    cups: [],
    technique: { id, settings: {} },
    moves: [],
    ...(pour === undefined ? {} : { dates: { pour } }),
    room: { ...USUAL_ROOM },
    ...(landings.length > 0 ? { landings: [...landings] } : {}),
    ...(waiting === undefined ? {} : { waiting }),
    seed,
  };
  const supplied = meetNeeds(partOf(bare));
  const book = openBook([], []);
  const colours = mixes.map((mix, i) => ({
    mix: mix.id,
    gPerMl: makeRecipe(mix, () => paints[i]!, book, landings).densityGPerMl,
  }));
  const plan = {
    ...supplied,
    cups: startingCups(surface, paints, colours, supplied.budget, needs, pins),
  };
  const written = rewriteMoves(plan);
  return preparation ? setPreparation(written, preparation) : written;
}

/** One paint made pourable at a step, in whole recipe parts where they reach it. */
export function mixFor(paint: Paint, step: Consistency, landings: readonly Landing[] = []): Mix {
  const medium = START[paint.body];
  const mix: Mix = {
    id: `m-${paint.id}`,
    name: paint.name,
    basis: 'volume',
    paints: [{ paint: paint.id, parts: 1 }],
    ...(medium ? { medium: { ...medium } } : {}),
    consistency: step,
  };
  const book = openBook([], []);
  const recipeOf = (m: Mix) => makeRecipe(m, () => paint, book, landings);
  return consistencyOf(recipeOf(mix).viscosityPaS) === step
    ? mix
    : (letDown(mix, step, recipeOf) ?? mix);
}

/** Amounts before anything is set aside: even shares, at the school's own figures. */
function startingBudget(surface: Surface, mixes: readonly Mix[], school: SchoolId): Budget {
  const measure = measureSurface(surface);
  const perColourG = (measure.areaCm2 * LEAN_ML_PER_CM2) / mixes.length;
  const { insurance, starts } = SCHOOLS[school];
  return {
    school,
    insurance,
    stepG: perColourG < FINE_BELOW_G ? 0.1 : 1,
    ...starts,
    shares: mixes.map((m) => ({ mix: m.id, share: Number((1 / mixes.length).toFixed(4)) })),
    pots: [],
  };
}

/** Pots this small want a scale that reads tenths: a whole gram would be a tenth of them. */
const FINE_BELOW_G = 10;
