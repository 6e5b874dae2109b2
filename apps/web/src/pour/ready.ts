import { preparation } from '@potter/core/journal';
import type { Brief, Plan } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';

export interface ReadyItem {
  readonly id: string;
  readonly says: string;
}

/** What should stand ready before the first move, from the plan itself (handbook 1 and 9, common practice). */
export function readyCheck(plan: Plan, brief: Brief): ReadyItem[] {
  const { surface } = plan;
  const items: (ReadyItem | false)[] = [
    ...preparation(plan).flatMap((move): ReadyItem[] => {
      const step = brief.run.find((r) => r.move === move.id);
      return step ? [{ id: move.id, says: step.says }] : [];
    }),
    surface.rim.kind === 'open' && {
      id: 'catch',
      says: `Room below for what runs off, about ${trim(brief.budget.totalG * brief.budget.runOffShare, 0)} g.`,
    },
    ...brief.mixes.map((mix) => ({
      id: `mix ${mix.id}`,
      says: `${plan.mixes.find((m) => m.id === mix.id)?.name ?? mix.id} is mixed: ${trim(mix.g, 1)} g, ${mix.consistency}.`,
    })),
    ...brief.cups.map((cup, i) => ({
      id: `cup ${cup.id}`,
      says: `Cup ${i + 1} is loaded: ${cup.layers.length} layers, ${trim(cup.filledMl, 0)} mL.`,
    })),
    plan.moves.some((m) => m.verb === 'torch') && {
      id: 'flame',
      says: 'The torch is at hand, and nothing flammable is near.',
    },
    { id: 'gloves', says: 'Gloves on.' },
  ];
  return items.filter((item) => item !== false);
}
