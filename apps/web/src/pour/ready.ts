import { pourMoves, preparation } from '@potter/core/journal';
import { type Brief, bubblesLeaveIn, type Plan, mixNames } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { chosenTechnique } from '@potter/core/technique';
import { verbOf } from '@potter/core/verb';

export interface ReadyItem {
  readonly id: string;
  readonly says: string;
  /** It is known to be so: what was weighed is mixed. */
  readonly done?: boolean;
}

/** Weighed to this share of what is wanted, a mix is all there. */
const ALL_OF_IT = 0.95;

/** What was weighed of a mix, and what was left of it by another pour. */
const madeG = (plan: Plan, mix: string): number =>
  (plan.made?.find((m) => m.mix === mix)?.of.reduce((sum, a) => sum + a.g, 0) ?? 0) +
  (plan.leftOf?.of.find((left) => left.mix === mix)?.g ?? 0);

const count = (n: number, what: string) => (n === 1 ? `1 ${what}` : `${n} ${what}s`);

/** Where mixes were shaken: that they have stood since. */
function bubbles(plan: Plan, brief: Brief, now: string): ReadyItem[] {
  const left = bubblesLeaveIn(plan, now, brief.factors);
  if (left === undefined) return [];
  return [
    {
      id: 'bubbles',
      says: `The mixes have stood ${brief.factors['bubbles-leave']} min since they were shaken${left > 0 ? `: ${left} min more` : ''}.`,
      done: left <= 0,
    },
  ];
}

/** What should stand ready before the first move, from the plan itself (handbook 1 and 9, common practice). */
export function readyCheck(plan: Plan, brief: Brief, now: string): ReadyItem[] {
  const at = { runsOffG: brief.stays.runOffG };
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
      done: madeG(plan, mix.id) >= mix.g * ALL_OF_IT,
    })),
    ...bubbles(plan, brief, now),
    ...brief.cups.map((cup, i) => ({
      id: `cup ${cup.id}`,
      says: `Cup ${i + 1} is loaded: ${count(cup.layers.length, 'layer')}, ${trim(cup.filledMl, 0)} mL.`,
    })),
    ...chosenTechnique(plan).needs.tools.map((tool) => ({
      id: `tool ${tool}`,
      says: `${tool} at hand.`,
    })),
    ...[...atHand].map(([says, verb]) => ({ id: `ready ${verb}`, says })),
    { id: 'gloves', says: 'Gloves on.' },
  ];
}
