import type { Amounts } from '../../budget/budget';
import { loadCups, type LoadedCup } from '../../cup/load';
import { type Factors, factorsWith } from '../../factor';
import type { Outcome } from '../../flow/outcome';
import { consistencyOf } from '../../mix/consistency';
import { drawdown, type Opacity, opacityOf, paintTint } from '../../mix/opacity';
import type { Consistency } from '../../mix/schema';
import { mediumsToMake, type MediumToMake } from '../../mix/mediums-to-make';
import { type WeighStep, weighUp } from '../../mix/weigh';
import { filmSpectrum, reflectanceOf } from '../../optics/film';
import { spectrumToHex } from '../../optics/spectrum';
import { type Evidence, type MixResult, type Remark, remarksOn } from '../../remark';
import { sheetsWith } from '../../coat';
import { type PathAct, pathOf, type ScheduleEntry, scheduleOf } from '../../schedule';
import { measureSurface, type SurfaceMeasure } from '../../surface/measure';
import { keepLedger, layRunSheet, type Move, referencesOf, type RunStep, verbOf } from '../../verb';
import { amountsIn } from './amounts';
import { type Cost, costOf } from './cost';
import { dryingFilmOf } from './drying-film';
import { type OpenPlan, openPlan } from '../document/open';
import type { Plan } from '../document/schema';
import type { Studio } from '../document/studio';
import { previewedStays, reckonedStays, type Stays } from './stays';
import { tableOf } from './table';

export interface MixBrief {
  readonly id: string;
  /** All that is made of it, every pot together. */
  readonly g: number;
  readonly ml: number;
  readonly densityGPerMl: number;
  readonly viscosityPaS: number;
  readonly consistency: Consistency;
  readonly waterShare: number;
  /** Three answers: the paint, the mix (both 200 µm wet), and the film as it will be poured. */
  readonly opacity: { readonly paint: Opacity; readonly mix: Opacity; readonly film: Opacity };
  readonly hexOverWhite: string;
  readonly hexOverBlack: string;
  readonly masstoneHex: string;
  readonly steps: readonly WeighStep[];
}

/** Everything computed from a plan. Screens show it and compute nothing. */
export interface Brief {
  readonly surface: SurfaceMeasure;
  readonly budget: Amounts;
  readonly stays: Stays;
  readonly mediums: readonly MediumToMake[];
  readonly mixes: readonly MixBrief[];
  readonly cups: readonly LoadedCup[];
  readonly run: readonly RunStep[];
  readonly remarks: readonly Remark[];
  readonly schedule: readonly ScheduleEntry[];
  /** What it may have done to it once it is poured, hours after. */
  readonly path: readonly PathAct[];
  readonly cost: Cost;
  /** The artist's figures it was reckoned with; what is asked of it further is reckoned with the same. */
  readonly factors: Factors;
}

/**
 * Computes a plan. Pure: the same plan and studio give the same brief; with the outcome of its own preview that tells what stays, runs off and
 * dries, and there are remarks on it too (see `judged`, where the brief is there already). What is to be poured is the same with and without. The plan must have passed `checkPlan`;
 * one that has not may throw a RangeError for a reference to nothing.
 */
export function brief(plan: Plan, studio: Studio = {}, outcome?: Outcome): Brief {
  const open = openPlan(plan);
  const { densityOf } = open;
  const measure = measureSurface(plan.surface);
  const factors = factorsWith(studio.factors);
  const budget = amountsIn(open, plan.budget, plan.surface, factors);
  const colourPots = budget.pots.filter((p) => p.use === 'colour');
  const cups = loadCups(plan.cups, colourPots, densityOf, measure.pieces, factors);

  const ground = groundOf(open, budget);
  const filmOf = filmsUm(plan, budget, cups);
  const mixes = plan.mixes.map((mix): MixBrief & { readonly result: MixResult } => {
    const recipe = open.recipe(mix.id);
    const tint = open.tint(mix.id);
    const filmUm = filmOf(mix.id);
    const pots = budget.pots.filter((p) => p.mix === mix.id);
    const g = pots.reduce((sum, p) => sum + p.g, 0);
    const film = opacityOf(tint, filmUm);
    // A pure paint shows the artist's own colour, not what is left of it after a round through the spectrum.
    const only = mix.paints.length === 1 ? mix.paints[0] : undefined;
    const masstoneHex = only
      ? open.paint(only.paint).hex
      : spectrumToHex(tint.q.map(reflectanceOf));
    return {
      id: mix.id,
      g,
      ml: g / recipe.densityGPerMl,
      densityGPerMl: recipe.densityGPerMl,
      viscosityPaS: recipe.viscosityPaS,
      consistency: consistencyOf(recipe.viscosityPaS),
      waterShare: recipe.waterShare,
      opacity: { paint: opacityOf(paintTint(recipe, open.paint)), mix: opacityOf(tint), film },
      ...drawdown(tint),
      masstoneHex,
      steps: weighUp(recipe, g, plan.budget.stepG, plan.budget.partsToG),
      result: {
        recipe,
        masstoneHex,
        film,
        groundHex: ground.hex,
        overGroundHex: spectrumToHex(filmSpectrum(tint, filmUm, ground.spectrum)),
      },
    };
  });

  const table = tableOf(open, measure, budget, cups, factors);
  const ledger = keepLedger(plan.moves, table);
  const sheet = layRunSheet(plan.moves, table.scene, ledger);
  const mixBriefs = mixes.map(({ result: _, ...shown }): MixBrief => shown);
  const mediums = mediumsToMake(
    mixBriefs.flatMap((m) => m.steps),
    open.book,
    plan.budget.stepG,
    studio.ready,
  );
  const pour =
    plan.dates?.pour ?? (studio.today === undefined ? undefined : `${studio.today}T10:00`);
  const evidence: Omit<Evidence, 'outcome'> = {
    plan,
    measure,
    amounts: budget,
    cups,
    ledger,
    mixes: new Map(mixes.map((m) => [m.id, m.result])),
    paintOf: open.paint,
    book: open.book,
    recipeOf: open.recipeOf,
    reactions: studio.reactions ?? [],
    makers: studio.makers ?? {},
    lessons: studio.lessons ?? [],
    factors,
  };
  /** All that hangs on what becomes of the paint. */
  const came = (of?: Outcome): Pick<Brief, 'stays' | 'run' | 'remarks' | 'schedule' | 'path'> => {
    const stays = of
      ? previewedStays(measure, budget, of)
      : reckonedStays(budget, ledger.flowsAgain.length === 0);
    const dries = (film: Pick<Stays, 'onFaceMm' | 'thickestMm'>) =>
      dryingFilmOf(open, film, measure, factors);
    const films = new Map(
      of?.later?.map(({ stage, film }) => [
        stage,
        dries({ onFaceMm: film.meanMm, thickestMm: film.thickestMm }),
      ]),
    );
    const path = pathOf(
      plan.moves,
      dries(stays),
      { sheets: sheetsWith(plan.sheets), films },
      factors,
    );
    const runS = sheet.at(-1)?.endS ?? 0;
    return {
      stays,
      run: withReading(sheet, plan, stays),
      remarks: remarksOn({ ...evidence, ...(of && { outcome: of }) }),
      path,
      schedule:
        pour === undefined ? [] : scheduleOf(pour, runS, path, plan.dates?.due, studio.house),
    };
  };
  const computed: Brief = {
    surface: measure,
    budget,
    mediums,
    mixes: mixBriefs,
    cups,
    ...came(outcome),
    cost: costOf(
      [
        ...mixBriefs.flatMap((m) =>
          m.steps.filter((s) => !mediums.some((medium) => medium.id === s.material)),
        ),
        ...mediums.flatMap((m) => m.steps),
      ],
      open.hasPaint,
      sheet.flatMap((step) => step.takes),
      measure.pieces,
      studio,
    ),
    factors,
  };
  later.set(computed, came);
  seen.set(computed, evidence);
  return computed;
}

/** The colour of each mix where it hides everything; mid grey for a mix that is none of the plan's. */
export const masstoneIn =
  ({ mixes }: Brief): ((mix: string) => string) =>
  (mix) =>
    mixes.find((m) => m.id === mix)?.masstoneHex ?? '#808080';

/** What is worked out of each brief once its outcome is there, so that one that comes later needs no second brief. */
const later = new WeakMap<Brief, (outcome: Outcome) => Partial<Brief>>();

const seen = new WeakMap<Brief, Omit<Evidence, 'outcome'>>();

/** All that remarks, and causes of faults, look at: of a brief `brief` has returned, with what its own preview came to where that is there. */
export function evidenceOf(computed: Brief, outcome?: Outcome): Evidence {
  const evidence = seen.get(computed);
  if (!evidence) throw new RangeError('This is no brief as it was computed.');
  return { ...evidence, ...(outcome && { outcome }) };
}

/** The same brief with what its own preview came to. Nothing else is worked out. */
export const judged = (computed: Brief, outcome: Outcome): Brief => ({
  ...computed,
  ...later.get(computed)?.(outcome),
});

/**
 * Where the blank has been weighed, the last move of its first pour that lets paint run off says what the scale should read after it. What a later
 * one should read hangs on the water that has gone by then.
 */
function withReading(run: readonly RunStep[], plan: Plan, { firstG }: Stays): readonly RunStep[] {
  const { weighsG } = plan.surface;
  if (weighsG === undefined || firstG === undefined) return run;
  const dries = plan.moves.findIndex((m) => verbOf(m).setsFilm);
  const poured = dries < 0 ? plan.moves : plan.moves.slice(0, dries);
  const last = poured.map((m) => shedsPaint(m)).lastIndexOf(true);
  return run.map((step, i) =>
    i !== last
      ? step
      : {
          ...step,
          until: `Weigh it: go on until it reads ${Math.round(weighsG + firstG)} g.`,
          readsG: Math.round(weighsG + firstG),
        },
  );
}

/** A tilt or a spin: paint runs off by it. */
const shedsPaint = (move: Move): boolean =>
  verbOf(move).sheds !== undefined || verbOf(move).thinsTo !== undefined;

/** What colours lie on: a base coat over the ground where there is one, else the ground. */
function groundOf({ plan, ground, tint: tintOf }: OpenPlan, budget: Amounts) {
  const base = budget.pots.find((p) => p.use === 'base');
  const tint = base && tintOf(base.mix);
  const spectrum = tint ? filmSpectrum(tint, baseUm(plan, base.mix), ground) : ground;
  return { spectrum, hex: tint ? spectrumToHex(spectrum) : plan.surface.ground.hex };
}

const baseUm = (plan: Plan, mix: string): number =>
  (plan.budget.pots.find((p) => p.use === 'base' && p.mix === mix)?.filmMm ?? 1) * 1000;

/** What lies of an activator where it works, µm: 0.2 mm under a sheet, 0.5 in the middle of a bloom (tuned, not measured). */
const ACTIVATOR_UM = 300;

/**
 * Wet µm each mix has in the finished film: of what stays, the share of its largest layer in a cup; a mix that goes in no
 * cup has the film of its own pot, an activator what lies of it where it works, any other all that stays.
 */
function filmsUm(plan: Plan, budget: Amounts, cups: readonly LoadedCup[]): (mix: string) => number {
  const stayUm = budget.stayMm * 1000;
  const largest = new Map<string, number>();
  let whole = 0;
  let filled = 0;
  for (const { layers, filledMl } of cups) {
    if (filledMl > 0) filled++;
    for (const { mix, ml } of layers) {
      whole += ml;
      if (ml > (largest.get(mix) ?? 0)) largest.set(mix, ml);
    }
  }
  return (mix) => {
    const own = largest.get(mix);
    const pot = plan.budget.pots.find((p) => p.mix === mix);
    if (own === undefined && pot?.filmMm !== undefined) return pot.filmMm * 1000;
    if (own === undefined && pot?.use === 'activator') return ACTIVATOR_UM;
    if (own === undefined && pot?.use === 'dots') return dotUm(plan, mix);
    return own === undefined ? stayUm : stayUm * Math.min(1, own / (whole / filled));
  };
}

/** A dot of which nothing is known yet is about so high, mm (estimate). */
const DOT_MM = 0.2;

/** Height of the largest dot of a mix, µm. */
function dotUm({ moves }: Plan, mix: string): number {
  const high = moves.flatMap((move) =>
    referencesOf(move).some(({ id }) => id === mix) ? (verbOf(move).onDry?.mm(move) ?? []) : [],
  );
  return 1000 * Math.max(DOT_MM, ...high);
}
