import type { Surroundings } from '../../field/define';
import { type FieldValue, startOf } from '../../field/kind';
import { shapeOf } from '../../surface/measure';
import { type Move, type VerbId, VERBS } from '../../verb';
import { rewriteMoves, withEarlier } from '../beginning/moves';
import type { Plan } from '../document/schema';
import { freeId, moved } from './list';

/** Changes the technique's settings; what it wrote is written anew, what the artist did stays. */
export const setTechniqueSettings = (plan: Plan, settings: Record<string, FieldValue>): Plan =>
  rewriteMoves(
    {
      ...plan,
      technique: { ...plan.technique, settings: { ...plan.technique.settings, ...settings } },
    },
    plan,
  );

/** Changes a move by hand: from now on it is the artist's own. */
export const setMove = (plan: Plan, index: number, change: (move: Move) => Move): Plan => ({
  ...plan,
  moves: plan.moves.map((m, i) => (i === index ? { ...change(m), own: true } : m)),
});

/** Hands a move back to the technique, which writes it anew; one of the artist's own making goes. */
export const releaseMove = (plan: Plan, index: number): Plan =>
  rewriteMoves(plan, {
    ...plan,
    moves: plan.moves.map((m, i) => (i === index ? { ...m, own: false } : m)),
  });

/** Puts in a move of this verb at a place in the list, with values that work. */
export function addMove(plan: Plan, verb: VerbId, at: number): Plan {
  const around: Surroundings = {
    ...shapeOf(plan.surface.shape).bounds(plan.surface.shape),
    mixes: plan.mixes.map((m) => m.id),
    cups: plan.cups.map((c) => c.id),
    pots: plan.budget.pots,
  };
  const id = freeId(
    verb,
    plan.moves.map((m) => m.id),
  );
  const values = Object.entries(VERBS[verb].fields).flatMap(([name, field]) => {
    const start = startOf(field, around);
    return start === undefined ? [] : [[name, start] as const];
  });
  const move = { id, verb, ...Object.fromEntries(values), own: true } as unknown as Move;
  return { ...plan, moves: [...plan.moves.slice(0, at), move, ...plan.moves.slice(at)] };
}

export const removeMove = (plan: Plan, index: number): Plan => {
  const moves = plan.moves.filter((_, i) => i !== index);
  return { ...plan, moves: moves.map((m, i) => withEarlier(m, moves.slice(0, i))) };
};

/** Moves a move to another place in the list; places outside it change nothing. */
export function moveMove(plan: Plan, from: number, to: number): Plan {
  const moves = moved(plan.moves, from, to);
  return moves === plan.moves
    ? plan
    : { ...plan, moves: moves.map((m, i) => withEarlier(m, moves.slice(0, i))) };
}
