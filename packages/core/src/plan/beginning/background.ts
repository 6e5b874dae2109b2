import type { Pot } from '../../budget/schema';
import type { Plan } from '../document/schema';
import { likelyIntents } from './intents';

/**
 * The mix of the background, one for all that asks: what is meant for it; else the colour that is set aside for base or edges; else what
 * seems to be for it.
 */
export function backgroundOf(plan: Plan): string {
  const { shares, pots } = plan.budget;
  const colour = (use: Pot['use']) =>
    pots.find((p) => p.use === use && shares.some((s) => s.mix === p.mix))?.mix;
  const meant = shares.find((s) => s.intent === 'background')?.mix;
  const likely = [...likelyIntents(plan)].find(([, intent]) => intent === 'background')?.[0];
  return meant ?? colour('base') ?? colour('edge') ?? likely ?? shares[0]!.mix;
}
