import type { PlanSummary } from '@potter/contract';
import { brief, type Plan } from '@potter/core/plan';
import { show } from '@potter/core/quantity';
import { shapeOf } from '@potter/core/surface';
import { TECHNIQUES } from '@potter/core/technique';

/** A thumbnail has room for so many. */
const MOST_CORES = 4;

/** What a list shows of a plan. */
export function summarise(plan: Plan): Omit<PlanSummary, 'id' | 'revision' | 'updatedAt'> {
  const { budget, cups, remarks } = brief(plan);
  const hexes = new Map(
    plan.mixes.map((m) => [
      m.id,
      plan.paints.find((p) => p.id === m.paints[0]?.paint)?.hex ?? '#808080',
    ]),
  );
  const size = shapeOf(plan.surface.shape).says(plan.surface.shape, (mm) =>
    show(mm, 'cm').replace(' cm', ''),
  );
  return {
    title: plan.title,
    size: `${size} cm${plan.surface.pieces > 1 ? `, set of ${plan.surface.pieces}` : ''}`.replace(
      ' round cm',
      ' cm round',
    ),
    technique: TECHNIQUES[plan.technique.id].name,
    totalG: budget.totalG,
    colours: plan.budget.shares.filter((s) => s.share > 0).length,
    ...(plan.dates?.pour === undefined ? {} : { pour: plan.dates.pour }),
    ...(plan.dates?.due === undefined ? {} : { due: plan.dates.due }),
    spoils: remarks.filter((r) => r.severity === 'spoils').length,
    cores: cups.slice(0, MOST_CORES).map((cup) =>
      cup.layers.map((l) => ({
        hex: hexes.get(l.mix) ?? '#808080',
        mm: Number((l.toMm - l.fromMm).toFixed(1)),
      })),
    ),
  };
}
