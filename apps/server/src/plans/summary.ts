import type { PlanShown } from '@potter/contract';
import { MOST_CORES } from '@potter/core/journal';
import { brief, coresOf, type Plan } from '@potter/core/plan';
import { sizeWords } from '@potter/core/surface';
import { chosenTechnique } from '@potter/core/technique';

/** What a list shows of a plan. */
export function summarise(plan: Plan): PlanShown {
  const computed = brief(plan);
  const { budget, remarks } = computed;
  return {
    title: plan.title,
    size: `${sizeWords(plan.surface.shape, 'cm')}${plan.surface.pieces > 1 ? `, set of ${plan.surface.pieces}` : ''}`,
    technique: chosenTechnique(plan).name,
    totalG: budget.totalG,
    colours: plan.budget.shares.filter((s) => s.share > 0).length,
    ...(plan.dates?.pour === undefined ? {} : { pour: plan.dates.pour }),
    ...(plan.dates?.due === undefined ? {} : { due: plan.dates.due }),
    spoils: remarks.filter((r) => r.severity === 'spoils').length,
    cores: coresOf(computed).slice(0, MOST_CORES),
  };
}
