import { CONSISTENCIES, stepRank } from '../../mix/consistency';
import type { Consistency } from '../../mix/schema';
import { isMetallic } from '../../paint/property';
import { chosenTechnique } from '../../technique';
import { openPlan } from '../document/open';
import type { Plan } from '../document/schema';

/** How thick a mix should be, and why. */
export interface Wanted {
  readonly step: Consistency;
  readonly why: string;
  /** Schools differ on it, and the plan may say which it follows. */
  readonly disputed?: 'metallics';
}

/** Whether a mix holds a metal or pearl, which sinks and vanishes where it is thin. */
export function holdsMetal(plan: Plan, mixId: string): boolean {
  const open = openPlan(plan);
  return (
    open.hasMix(mixId) && open.mix(mixId).paints.some((p) => isMetallic(open.paint(p.paint).finish))
  );
}

/** How thick a mix should be for what the plan does with it (handbook 4, common practice, no published source). */
export function wantedConsistency(plan: Plan, mixId: string): Wanted {
  const technique = chosenTechnique(plan);
  const { consistency } = technique.needs;
  const shows = CONSISTENCIES.find((c) => c.step === consistency)?.shows ?? '';
  const poured =
    plan.budget.shares.some((s) => s.mix === mixId && s.share > 0) ||
    plan.cups.some((c) => c.layers?.some((l) => l.mix === mixId));
  const uses = new Set(plan.budget.pots.flatMap((p) => (p.mix === mixId ? [p.use] : [])));
  if (!poured && uses.has('activator'))
    return {
      step: 'thin',
      why: 'An activator leaves no mound at all, or it lies on the colours instead of opening them.',
    };
  if (!poured && uses.has('extender'))
    return { step: 'flowing', why: 'What is run round the edge is thinned, so that it spreads.' };
  if (!poured && uses.has('base'))
    return { step: consistency, why: 'A base as thick as the colours lets them slide on it.' };
  const usual = `${technique.name} is poured ${consistency}: ${shows}.`;
  if (!holdsMetal(plan, mixId)) return { step: consistency, why: usual };
  const thicker = CONSISTENCIES[stepRank(consistency) + 1]?.step;
  if (plan.metallics === 'thicker' && thicker)
    return {
      step: thicker,
      why: 'A metallic a step thicker than the rest does not sink and vanish.',
      disputed: 'metallics',
    };
  return {
    step: consistency,
    why:
      plan.metallics === 'alike'
        ? 'Metallics like the rest: their weight and a matt finish then make cells.'
        : usual,
    disputed: 'metallics',
  };
}
