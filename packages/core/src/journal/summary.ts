import { coresOf } from '../plan/asked/cores';
import { brief } from '../plan/brief/brief';
import type { Plan } from '../plan/document/schema';
import { type DryingAct, dryingOfRun } from './rack';
import type { Run } from './schema';
import { stagesOf } from './stages';

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
}

/** What hangs on the plan alone: a run keeps one plan from its beginning to its end. */
type OfPlan = Pick<RunSummary, 'title' | 'miniOf' | 'totalG' | 'cores'>;

const known = new WeakMap<Plan, Map<number, OfPlan>>();

/** A thumbnail has room for so many. */
export const MOST_CORES = 4;

function ofPlan(plan: Plan, stage: number): OfPlan {
  const of = known.get(plan) ?? new Map<number, OfPlan>();
  known.set(plan, of);
  const before = of.get(stage);
  if (before) return before;
  const computed = brief(plan);
  const kind = stagesOf(plan)[stage]?.title.toLowerCase();
  const summary = {
    title: stage > 0 && kind !== undefined ? `${plan.title}, ${kind}` : plan.title,
    ...(plan.miniOf === undefined ? {} : { miniOf: plan.miniOf }),
    totalG: computed.budget.totalG,
    cores: coresOf(computed).slice(0, MOST_CORES),
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
  const { id, planId, plan, stage = 0, startedAt, endedAt, note } = run;
  return {
    id,
    planId,
    ...ofPlan(plan, stage),
    ...(stage > 0 ? { stage } : {}),
    startedAt,
    ...(endedAt === undefined ? {} : { endedAt }),
    ...(note === undefined ? {} : { note }),
    dries: driesOf(run),
  };
};
