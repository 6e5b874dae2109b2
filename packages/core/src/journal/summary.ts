import { coresOf } from '../plan/asked/cores';
import { brief } from '../plan/brief/brief';
import type { Plan } from '../plan/document/schema';
import { type DryingAct, dryingActs } from './rack';
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
  readonly totalG: number;
  /** See `coresOf`; as many as a thumbnail has room for. */
  readonly cores: readonly (readonly { readonly hex: string; readonly mm: number }[])[];
  readonly dries: readonly DryingAct[];
}

/** What hangs on the plan alone: a run keeps one plan from its beginning to its end. */
type OfPlan = Pick<RunSummary, 'title' | 'miniOf' | 'totalG' | 'cores' | 'dries'>;

const known = new WeakMap<Plan, OfPlan>();

/** A thumbnail has room for so many. */
export const MOST_CORES = 4;

function ofPlan(plan: Plan): OfPlan {
  const before = known.get(plan);
  if (before) return before;
  const computed = brief(plan);
  const summary = {
    title: plan.title,
    ...(plan.miniOf === undefined ? {} : { miniOf: plan.miniOf }),
    totalG: computed.budget.totalG,
    cores: coresOf(computed).slice(0, MOST_CORES),
    dries: dryingActs(plan),
  };
  known.set(plan, summary);
  return summary;
}

/** A run as a list shows it. */
export const summariseRun = ({ id, planId, plan, startedAt, endedAt, note }: Run): RunSummary => ({
  id,
  planId,
  ...ofPlan(plan),
  startedAt,
  ...(endedAt === undefined ? {} : { endedAt }),
  ...(note === undefined ? {} : { note }),
});
