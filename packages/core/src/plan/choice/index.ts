import { idsOf, registry } from '../../registry';
import type { Brief } from '../brief/brief';
import type { Plan } from '../document/schema';
import { amount } from './amount';
import { base } from './base';
import { colours } from './colours';
import { cups } from './cups';
import type { Decision, Variant } from './define';
import { oil } from './oil';
import { order } from './order';
import { seed } from './seed';
import { shares } from './shares';
import { tilts } from './tilts';

/** Everything an artist may decide by picture, in the order it is offered. */
export const DECISIONS = registry<Decision>()('decision', [
  order,
  amount,
  shares,
  colours,
  tilts,
  base,
  oil,
  cups,
  seed,
]);
export type DecisionId = keyof typeof DECISIONS;
export const DECISION_IDS = idsOf(DECISIONS);

/** As many as are looked at at once, the plan's own among them. */
const MOST = 9;

/** A plan decided one way. */
export interface Chosen {
  readonly key: string;
  readonly says: string;
  readonly plan: Plan;
}

export const PLANNED = 'planned';

/** The plan as it is, and decided otherwise; what comes to the same plan is offered once. */
export function choices(id: DecisionId, plan: Plan, brief: Brief): readonly Chosen[] {
  const seen = new Set([JSON.stringify(plan)]);
  const others = DECISIONS[id].variants(plan, brief).flatMap(({ key, says, make }: Variant) => {
    const made = make(plan);
    const text = JSON.stringify(made);
    if (seen.has(text)) return [];
    seen.add(text);
    return [{ key, says, plan: made }];
  });
  return [{ key: PLANNED, says: 'As planned', plan }, ...others.slice(0, MOST - 1)];
}

/** Decisions that offer more than the plan's own. */
export const openDecisions = (plan: Plan, brief: Brief): readonly DecisionId[] =>
  DECISION_IDS.filter((id) => choices(id, plan, brief).length > 1);

export type { Decision, Variant } from './define';
export {
  askedBest,
  type Found,
  firstTries,
  furtherTries,
  type Tried,
  type AskFor,
  asksFor,
} from './ask';
