import { coresOf } from '../plan/asked/cores';
import { brief } from '../plan/brief/brief';
import type { Plan } from '../plan/document/schema';
import { stagesOf } from '../schedule';
import { shapeOf } from '../surface/measure';
import { coatsAfter, type CoatWanted } from './coats-after';
import { type DryingAct, dryingOfRun } from './rack';
import type { Run } from './schema';

/** A pour in a list: what bench and journal show of it without its plan. */
export interface RunSummary {
  readonly id: string;
  readonly planId: string;
  readonly title: string;
  readonly startedAt: number;
  readonly endedAt?: number;
  readonly note?: string;
  /** The plan it was a small test of. */
  readonly miniOf?: string;
  /** Which of its plan's stages, where that is not the first. */
  readonly stage?: number;
  readonly totalG: number;
  /** See `coresOf`; as many as a thumbnail has room for. */
  readonly cores: readonly (readonly { readonly hex: string; readonly mm: number }[])[];
  readonly dries: readonly DryingAct[];
  /** Of one piece as it lies, and how many there are; absent in rows of before they were kept, as is what follows. */
  readonly widthMm?: number;
  readonly heightMm?: number;
  readonly pieces?: number;
  /** What one of them is sold for. */
  readonly price?: number;
  /** The day it is promised for, and to whom. */
  readonly due?: string;
  readonly for?: string;
  /** Top coats it takes yet. */
  readonly coats?: readonly CoatWanted[];
  /** It was found to be dry to the touch. */
  readonly looked?: boolean;
  /** What was done to it since. */
  readonly done?: readonly ('clean' | 'hung' | 'posted')[];
}

/** What hangs on the plan alone: a run keeps one plan from its beginning to its end. */
type OfPlan = Pick<
  RunSummary,
  | 'title'
  | 'miniOf'
  | 'totalG'
  | 'cores'
  | 'widthMm'
  | 'heightMm'
  | 'pieces'
  | 'due'
  | 'for'
  | 'coats'
>;

const known = new WeakMap<Plan, Map<number, OfPlan>>();

/** A thumbnail has room for so many. */
export const MOST_CORES = 4;

function ofPlan(plan: Plan, stage: number): OfPlan {
  const of = known.get(plan) ?? new Map<number, OfPlan>();
  known.set(plan, of);
  const before = of.get(stage);
  if (before) return before;
  const computed = brief(plan);
  const coats = coatsAfter(plan, stage);
  const kind = stagesOf(plan)[stage]?.title.toLowerCase();
  const summary = {
    title: stage > 0 && kind !== undefined ? `${plan.title}, ${kind}` : plan.title,
    ...(plan.miniOf === undefined ? {} : { miniOf: plan.miniOf }),
    totalG: computed.budget.totalG,
    cores: coresOf(computed).slice(0, MOST_CORES),
    ...shapeOf(plan.surface.shape).bounds(plan.surface.shape),
    pieces: plan.surface.pieces,
    ...(plan.dates?.due === undefined ? {} : { due: plan.dates.due }),
    ...(plan.commission ? { for: plan.commission.for } : {}),
    ...(coats.length > 0 ? { coats } : {}),
    ...(plan.price === undefined ? {} : { price: plan.price }),
  };
  of.set(stage, summary);
  return summary;
}

/** What hangs on the run as it is now: a list asks again with each change of another. */
const dried = new WeakMap<Run, readonly DryingAct[]>();

function driesOf(run: Run): readonly DryingAct[] {
  const before = dried.get(run) ?? dryingOfRun(run);
  dried.set(run, before);
  return before;
}

/** A run as a list shows it. */
export const summariseRun = (run: Run): RunSummary => {
  const { id, planId, plan, stage = 0, startedAt, endedAt, note, checks = [], done = [] } = run;
  return {
    id,
    planId,
    ...ofPlan(plan, stage),
    ...(stage > 0 ? { stage } : {}),
    startedAt,
    ...(endedAt === undefined ? {} : { endedAt }),
    ...(note === undefined ? {} : { note }),
    dries: driesOf(run),
    ...(checks.some(({ found }) => found === 'dry') ? { looked: true } : {}),
    ...(done.length > 0 ? { done: done.map(({ act }) => act) } : {}),
  };
};
