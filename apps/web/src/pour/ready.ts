import { pourMoves, preparation } from '@potter/core/journal';
import { type Brief, type Plan, mixNames } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { techniqueOf } from '@potter/core/technique';
import { verbOf } from '@potter/core/verb';

export interface ReadyItem {
  readonly id: string;
  readonly says: string;
}

/** What should stand ready before the first move, from the plan itself (handbook 1 and 9, common practice). */
export function readyCheck(plan: Plan, brief: Brief): ReadyItem[] {
  const at = { runsOffG: brief.budget.totalG * brief.budget.runOffShare };
  const nameOf = mixNames(plan);
  // What the pour's own moves want beside paint and cups, each once.
  const atHand = new Map(
    pourMoves(plan).flatMap((move): [string, string][] => {
      const says = verbOf(move).ready?.(move, at);
      return says === undefined ? [] : [[says, move.verb]];
    }),
  );
  return [
    ...preparation(plan).flatMap((move): ReadyItem[] => {
      const step = brief.run.find((r) => r.move === move.id);
      if (!step) return [];
      return [{ id: move.id, says: verbOf(move).ready?.(move, at) ?? step.says }];
    }),
    ...brief.mixes.map((mix) => ({
      id: `mix ${mix.id}`,
      says: `${nameOf(mix.id)} is mixed: ${trim(mix.g, 1)} g, ${mix.consistency}.`,
    })),
    ...brief.cups.map((cup, i) => ({
      id: `cup ${cup.id}`,
      says: `Cup ${i + 1} is loaded: ${cup.layers.length} layers, ${trim(cup.filledMl, 0)} mL.`,
    })),
    ...techniqueOf(plan.technique.id).needs.tools.map((tool) => ({
      id: `tool ${tool}`,
      says: `${tool} at hand.`,
    })),
    ...[...atHand].map(([says, verb]) => ({ id: `ready ${verb}`, says })),
    { id: 'gloves', says: 'Gloves on.' },
  ];
}
