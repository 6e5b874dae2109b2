import { preparation, stageMoves } from '@potter/core/journal';
import { type Brief, bubblesLeaveIn, type Plan, mixNames } from '@potter/core/plan';
import { capital, trim } from '@potter/core/quantity';
import { stagesOf } from '@potter/core/schedule';
import { chosenTechnique } from '@potter/core/technique';
import { type Move, referencesOf, verbOf } from '@potter/core/verb';

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

/** What should stand ready before the first move of a stage, from the plan itself (handbook 1 and 9, common practice). */
export function readyCheck(plan: Plan, brief: Brief, now: string, stage = 0): ReadyItem[] {
  const at = { runsOffG: brief.stays.runOffG };
  // What its own moves want beside paint and cups, each once.
  const atHand = new Map(
    stageMoves(plan, stage).flatMap((move): [string, string][] => {
      const says = verbOf(move).ready?.(move, at);
      return says === undefined ? [] : [[says, move.verb]];
    }),
  );
  return [
    ...(stage === 0 ? forPour(plan, brief, now) : forLater(plan, brief, stage)),
    ...[...atHand].map(([says, verb]) => ({ id: `ready ${verb}`, says })),
    { id: 'gloves', says: 'Gloves on.' },
  ];
}

function forPour(plan: Plan, brief: Brief, now: string): ReadyItem[] {
  const at = { runsOffG: brief.stays.runOffG };
  const later = new Set(
    stagesOf(plan)
      .slice(1)
      .flatMap(({ moves }) => moves.flatMap(mixesOf)),
  );
  const poured = (mix: string) =>
    !later.has(mix) || brief.budget.pots.some((pot) => pot.mix === mix && pot.use !== 'dots');
  return [
    ...preparation(plan).flatMap((move): ReadyItem[] => {
      const step = brief.run.find((r) => r.move === move.id);
      if (!step) return [];
      return [{ id: move.id, says: verbOf(move).ready?.(move, at) ?? step.says }];
    }),
    ...mixed(plan, brief, poured),
    ...bubbles(plan, brief, now),
    ...brief.cups.map((cup, i) => ({
      id: `cup ${cup.id}`,
      says: `Cup ${i + 1} is loaded: ${count(cup.layers.length, 'layer')}, ${trim(cup.filledMl, 0)} mL.`,
    })),
    ...chosenTechnique(plan).needs.tools.map((tool) => ({
      id: `tool ${tool}`,
      says: `${tool} at hand.`,
    })),
  ];
}

/** On a film that has dried: that it has, what is mixed or opened for it, and what the hand holds. */
function forLater(plan: Plan, brief: Brief, stage: number): ReadyItem[] {
  const moves = stageMoves(plan, stage);
  const own = new Set(moves.flatMap(mixesOf));
  const steps = brief.run.filter(({ move }) => moves.some(({ id }) => id === move));
  const held = new Set(moves.flatMap((move) => verbOf(move).holds?.(move) ?? []));
  return [
    {
      id: 'dry',
      says: 'What lies under it has cured, and is clean and free of dust.',
    },
    ...mixed(plan, brief, (mix) => own.has(mix), ['dots']),
    ...steps.flatMap(({ move, takes }) =>
      takes.flatMap(({ product, g }) =>
        product === undefined
          ? []
          : [
              {
                id: `product ${move}`,
                says: `${capital(product)}: ${trim(g, 0)} g, by its own sheet.`,
              },
            ],
      ),
    ),
    ...[...held].map((tool) => ({ id: `held ${tool}`, says: `${capital(tool)} at hand.` })),
  ];
}

/** @param uses of the pots that are meant; all of a mix where nothing is said, for it is mixed once */
const mixed = (
  plan: Plan,
  brief: Brief,
  wanted: (mix: string) => boolean,
  uses?: readonly string[],
): ReadyItem[] => {
  const nameOf = mixNames(plan);
  return brief.mixes
    .filter(({ id }) => wanted(id))
    .map((mix) => {
      const g = uses
        ? brief.budget.pots
            .filter((pot) => pot.mix === mix.id && uses.includes(pot.use))
            .reduce((sum, pot) => sum + pot.g, 0)
        : mix.g;
      return {
        id: `mix ${mix.id}`,
        says: `${nameOf(mix.id)} is mixed: ${trim(g, 1)} g, ${mix.consistency}.`,
        done: madeG(plan, mix.id) >= mix.g * ALL_OF_IT,
      };
    });
};

const mixesOf = (move: Move): string[] =>
  referencesOf(move).flatMap(({ to, id }) => (to === 'mix' ? [id] : []));
