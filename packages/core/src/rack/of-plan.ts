import { coatsAfter } from '../journal/coats-after';
import { type DryingAct, dryingActs } from '../journal/rack';
import { brief } from '../plan/brief/brief';
import type { Plan } from '../plan/document/schema';
import { shapeOf } from '../surface/measure';
import type { Piece } from './piece';

/** What a list keeps of a plan so that its dates can be told without it. Nothing of it hangs on a day. */
export type PlanOnRack = Pick<
  Piece,
  'acts' | 'quick' | 'runMin' | 'widthMm' | 'heightMm' | 'pieces' | 'coats' | 'for' | 'price'
>;

export function planOnRack(plan: Plan): PlanOnRack {
  const { surface } = plan;
  const { run } = brief(plan);
  const acts = dryingActs(plan);
  const quick = dryingActs({ ...plan, waiting: 'day' });
  const coats = coatsAfter(plan);
  return {
    acts,
    ...(endsAt(quick) < endsAt(acts) ? { quick } : {}),
    runMin: Math.max(1, Math.round((run.at(-1)?.endS ?? 0) / 60)),
    ...shapeOf(surface.shape).bounds(surface.shape),
    pieces: surface.pieces,
    ...(coats.length > 0 ? { coats } : {}),
    ...(plan.commission ? { for: plan.commission.for } : {}),
    ...(plan.price === undefined ? {} : { price: plan.price }),
  };
}

const endsAt = (acts: readonly DryingAct[]): number => acts.at(-1)?.toMin ?? 0;
