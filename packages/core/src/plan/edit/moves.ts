import type { Field } from '../../field/kind';
import { shapeOf } from '../../surface/measure';
import { type Move, type VerbId, VERBS } from '../../verb';
import { rewriteMoves, withEarlier } from '../moves';
import type { Plan, SettingValue } from '../schema';
import { freeId, moved } from './list';

/** Changes the technique's settings; what it wrote is written anew, what the artist did stays. */
export const setTechniqueSettings = (plan: Plan, settings: Record<string, SettingValue>): Plan =>
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
  const { widthMm, heightMm } = shapeOf(plan.surface.shape).bounds(plan.surface.shape);
  const id = freeId(
    verb,
    plan.moves.map((m) => m.id),
  );
  const values = Object.fromEntries(
    Object.entries(VERBS[verb].fields).flatMap(
      ([name, field]: [string, Field]): [string, unknown][] => {
        if (field.optional) return [];
        switch (field.kind) {
          case 'number':
            return [[name, Math.min(field.max, Math.max(field.min, field.usual ?? field.min))]];
          case 'choice':
            return [[name, field.of[0]]];
          case 'yes-no':
            return [[name, false]];
          case 'point':
            return [[name, [Math.round(widthMm / 2), Math.round(heightMm / 2)]]];
          case 'mix':
            return [[name, plan.mixes[0]?.id]];
          case 'cup':
            return [[name, plan.cups[0]?.id]];
          case 'cups':
            return [[name, plan.cups.slice(0, 1).map((c) => c.id)]];
        }
      },
    ),
  );
  const move = { id, verb, ...values, own: true } as unknown as Move;
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
