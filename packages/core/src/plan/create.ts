import { SCHOOLS } from '../budget/school';
import { LEAN_ML_PER_CM2 } from '../budget/school/lean';
import type { Budget, SchoolId } from '../budget/schema';
import type { Cup } from '../cup/schema';
import { consistencyOf } from '../mix/consistency';
import { letDown } from '../mix/let-down';
import { makeRecipe } from '../mix/recipe';
import type { Consistency, Mix } from '../mix/schema';
import { openBook } from '../material/book';
import { hexToLab } from '../optics/lab';
import { contrastOrder } from '../order/contrast';
import type { Body, Paint } from '../paint/schema';
import { limbsOf, measureSurface } from '../surface/measure';
import type { Surface } from '../surface/schema';
import { techniqueOf, type TechniqueId } from '../technique';
import { fillableMl } from '../vessel/frustum';
import { VESSELS, vesselOf } from '../vessel/library';
import { rewriteMoves, setPreparation } from './moves';
import type { TaskId } from '../verb';
import type { Plan } from './schema';

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
}: NewPlan): Plan {
  if (paints.length === 0) throw new RangeError('a plan needs at least one paint');
  const technique = techniqueOf(id);
  const mixes = paints.map((paint) => mixFor(paint, technique.needs.consistency));
  const budget = startingBudget(surface, paints, mixes, school, technique.needs);
  const plan: Plan = {
    format: 'potter.pour',
    version: 1,
    title,
    surface,
    paints: [...paints],
    mixes,
    budget,
    cups: startingCups(surface, paints, mixes, budget, technique.needs.sameFirstAndLast),
    technique: { id, settings: {} },
    moves: [],
    ...(pour === undefined ? {} : { dates: { pour } }),
    room: { tempC: 20, rh: 50 },
    seed,
  };
  const written = rewriteMoves(plan);
  return preparation ? setPreparation(written, preparation) : written;
}

/** One paint made pourable at a step, in whole recipe parts where they reach it. */
export function mixFor(paint: Paint, step: Consistency): Mix {
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
  const recipeOf = (m: Mix) => makeRecipe(m, () => paint, book);
  return consistencyOf(recipeOf(mix).viscosityPaS) === step
    ? mix
    : (letDown(mix, step, recipeOf) ?? mix);
}

function startingBudget(
  surface: Surface,
  paints: readonly Paint[],
  mixes: readonly Mix[],
  school: SchoolId,
  needs: ReturnType<typeof techniqueOf>['needs'],
): Budget {
  const { overBase } = SCHOOLS[school];
  const baseMm = overBase ? needs.baseMm?.otherwise : needs.baseMm?.generous;
  const base = mixes[palest(paints)]?.id ?? '';
  const measure = measureSurface(surface);
  const perColourG = (measure.areaCm2 * LEAN_ML_PER_CM2) / mixes.length;
  return {
    school,
    insurance: SCHOOLS[school].insurance,
    stepG: perColourG < FINE_BELOW_G ? 0.1 : 1,
    ...(school === 'film' ? { laidMm: 2 } : {}),
    shares: mixes.map((m) => ({ mix: m.id, share: Number((1 / mixes.length).toFixed(4)) })),
    pots: [
      ...(baseMm === undefined ? [] : [{ use: 'base' as const, mix: base, filmMm: baseMm }]),
      ...(!SCHOOLS[school].countsEdges && surface.coverEdges && surface.edgeDepthMm > 0
        ? [{ use: 'edge' as const, mix: base, filmMm: 0.5 }]
        : []),
      // The generous figure holds its own reserve.
      ...(overBase ? needs.pots.map((p) => ({ use: p.use, share: p.share })) : []),
    ],
  };
}

/** Pots this small want a scale that reads tenths: a whole gram would be a tenth of them. */
const FINE_BELOW_G = 10;

/** Few colours go in twice, so that there is a picture to stretch; the palest also closes the cup. */
function startingCups(
  surface: Surface,
  paints: readonly Paint[],
  mixes: readonly Mix[],
  budget: Budget,
  sameFirstAndLast: boolean,
): Cup[] {
  const hexes = paints.map((p) => p.hex);
  const pale = palest(paints);
  const rounds = paints.length === 1 ? 1 : paints.length <= 4 ? 2 : 1;
  const closes = sameFirstAndLast && paints.length > 1;
  const counts = paints.map((_, i) => rounds + (closes && i === pale ? 1 : 0));
  const order =
    contrastOrder(hexes, counts, closes ? { first: pale, last: pale } : {})?.order ??
    contrastOrder(
      hexes,
      paints.map(() => 1),
    )?.order ??
    paints.map((_, i) => i);
  const layers = order.map((i) => ({
    mix: mixes[i]?.id ?? '',
    parts: 1,
    placement: 'wall' as const,
  }));

  const measure = measureSurface(surface);
  const asked = SCHOOLS[budget.school].colours(measure, budget);
  // Mixes of this kind weigh about 1.1 g/mL; the brief reckons exactly, this only picks the cup.
  const colourMl =
    ('ml' in asked ? asked.ml : Math.max(asked.g / 1.08, measure.areaCm2 * LEAN_ML_PER_CM2)) *
    (1 + budget.insurance);
  const perPiece = (colourMl / measure.pieces) * 1.03;
  const cup = (id: string, vessel: (typeof VESSELS)[number], parts: number, of?: string): Cup => ({
    id,
    vessel: vesselOf(vessel),
    loading: 'layered',
    layers: layers.map((l) => ({ ...l, parts })),
    outlet: 'rim',
    ...(of === undefined ? {} : { for: of }),
  });
  const limbs = limbsOf(surface.shape);
  if (limbs.length > 1 && limbs.length < MOST_CUPS) {
    // A cup for each stroke by its length, and one more for the gaps (handbook 1, common practice).
    const long = limbs.map(({ alongMm }) => Math.max(1, lengthOfLine(alongMm)));
    const mean = long.reduce((sum, l) => sum + l, 0) / long.length;
    const parts = [...long.map((l) => Number((l / mean).toFixed(2))), GAPS_PARTS];
    const whole = parts.reduce((sum, p) => sum + p, 0);
    return parts.map((share, i) =>
      cup(
        `c${i + 1}`,
        VESSELS.find((v) => fillableMl(v) >= (perPiece * share) / whole) ?? LARGEST,
        share,
        i < limbs.length ? `limb:${limbs[i]!.name}` : 'gaps',
      ),
    );
  }
  const vessel = VESSELS.find((v) => fillableMl(v) >= perPiece) ?? LARGEST;
  const cups = Math.min(MOST_CUPS, Math.max(1, Math.ceil(perPiece / fillableMl(vessel))));
  return Array.from({ length: cups }, (_, i) => cup(`c${i + 1}`, vessel, 1));
}

const MOST_CUPS = 48;
const LARGEST = VESSELS[VESSELS.length - 1] ?? VESSELS[0];
/** The cup for gaps, against that of a stroke of mean length (estimate). */
const GAPS_PARTS = 0.6;

const lengthOfLine = (along: readonly (readonly [number, number])[]): number =>
  along.reduce((sum, [x, y], i) => {
    const before = along[i - 1];
    return before ? sum + Math.hypot(x - before[0], y - before[1]) : 0;
  }, 0);

const palest = (paints: readonly Paint[]): number =>
  paints.reduce(
    (best, p, i) => (hexToLab(p.hex)[0] > hexToLab(paints[best]?.hex ?? '#000000')[0] ? i : best),
    0,
  );
