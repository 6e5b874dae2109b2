import { preparation } from '@potter/core/journal';
import type { Brief, Plan } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';

export interface ReadyItem {
  readonly id: string;
  readonly says: string;
}

/** What should stand ready before the first move, from the plan itself (handbook 1 and 9, common practice). */
export function readyCheck(plan: Plan, brief: Brief): ReadyItem[] {
  const items: (ReadyItem | false)[] = [
    ...preparation(plan).flatMap((move): ReadyItem[] => {
      const step = brief.run.find((r) => r.move === move.id);
      if (!step) return [];
      const runsOffG = brief.budget.totalG * brief.budget.runOffShare;
      const catches = move.verb === 'tend' && move.task === 'tray' && runsOffG > 0;
      return [
        {
          id: move.id,
          says: catches ? `${step.says} About ${trim(runsOffG, 0)} g run off.` : step.says,
        },
      ];
    }),
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
