import type { Pot, PotUse } from '../../budget/schema';
import { FACTORS } from '../../factor';
import { type Move, verbOf } from '../../verb';
import { backgroundOf } from '../beginning/background';
import { rewriteMoves } from '../beginning/moves';
import type { Plan } from '../document/schema';

/** What a pot of each use begins with (tuned, not measured). */
export const POT_STARTS: Readonly<Record<PotUse, Omit<Pot, 'use' | 'mix'>>> = {
  base: { filmMm: 1 },
  edge: { filmMm: FACTORS['edge-film'].usual },
  activator: { ml: 12 },
  extender: { share: 0.05 },
  keep: { share: 0.05 },
  dots: { ml: 10 },
};

/** Uses whose pot is one mix; the others may be a little of every colour. */
export const ofOneMix = (use: PotUse): boolean => use !== 'keep';

const withPots = (plan: Plan, pots: readonly Pot[]): Plan =>
  rewriteMoves({ ...plan, budget: { ...plan.budget, pots: [...pots] } }, plan);

/** Sets an amount aside, and has the technique write what is done with it. A second base parts what the first was: they lie side by side. */
export function addPot(plan: Plan, use: PotUse, mix = backgroundOf(plan)): Plan {
  const bases = plan.budget.pots.filter((p) => p.use === use);
  if (use === 'base' && bases.length > 0) return withPots(plan, banded(plan, bases));
  const pot: Pot = { use, ...(ofOneMix(use) ? { mix } : {}), ...POT_STARTS[use] };
  return withPots(plan, [...plan.budget.pots, pot]);
}

/** One base more, of a mix that is none yet: as much as each of the others then holds of what they held together. */
function banded({ budget: { pots }, mixes }: Plan, bases: readonly Pot[]): readonly Pot[] {
  const next = mixes.find((m) => bases.every((p) => p.mix !== m.id));
  if (!next) return pots;
  const [first] = bases;
  const part = bases.length / (bases.length + 1);
  const less = (pot: Pot): Pot =>
    Object.fromEntries(
      Object.entries(pot).map(([key, value]) => [
        key,
        typeof value === 'number' ? Number((value * part).toFixed(3)) : value,
      ]),
    ) as unknown as Pot;
  const at = pots.lastIndexOf(bases.at(-1)!);
  return pots.flatMap((pot, i) => [
    ...(bases.includes(pot) ? [less(pot)] : [pot]),
    ...(i === at ? [{ ...less(first!), mix: next.id }] : []),
  ]);
}

/** Changes what is set aside; moves that lay it follow. */
export function setPot(plan: Plan, index: number, change: (pot: Pot) => Pot): Plan {
  const was = plan.budget.pots[index];
  if (!was) return plan;
  const now = change(was);
  const moves = plan.moves.map((move) =>
    draws(move, was) && now.mix !== undefined ? ({ ...move, mix: now.mix } as Move) : move,
  );
  return withPots(
    { ...plan, moves },
    plan.budget.pots.map((p, i) => (i === index ? now : p)),
  );
}

/** Sets nothing aside for it any more; the technique's move that laid it goes too. */
export const removePot = (plan: Plan, index: number): Plan =>
  withPots(
    plan,
    plan.budget.pots.filter((_, i) => i !== index),
  );

/** Whether a move lays what a pot holds. */
export const draws = (move: Move, { use, mix }: Pick<Pot, 'use' | 'mix'>): boolean =>
  verbOf(move).draws === use && 'mix' in move && move.mix === mix;

/** Pots come and go with the moves that lay them: one for a move that finds none, none that no move lays any more. */
export function potsFor(plan: Plan, before: Plan): Plan {
  const missing = plan.moves.flatMap((move): Pot[] => {
    const use = verbOf(move).draws;
    if (use === undefined || !('mix' in move)) return [];
    const pot = { use, mix: move.mix as string };
    return plan.budget.pots.some((p) => p.use === use && p.mix === pot.mix)
      ? []
      : [{ ...pot, ...POT_STARTS[use] }];
  });
  const kept = plan.budget.pots.filter(
    (pot) => !before.moves.some((m) => draws(m, pot)) || plan.moves.some((m) => draws(m, pot)),
  );
  if (missing.length === 0 && kept.length === plan.budget.pots.length) return plan;
  // What a move lays by another mix now was one pot, and stays as much.
  const gone = plan.budget.pots.filter((p) => !kept.includes(p));
  const made = missing.map((pot) => {
    const same = gone.find((g) => g.use === pot.use);
    return same ? { ...same, mix: pot.mix! } : pot;
  });
  return { ...plan, budget: { ...plan.budget, pots: [...kept, ...made] } };
}
