import { shapeOf } from '../surface/measure';
import { techniqueOf } from '../technique';
import type { Move } from '../verb';
import type { Plan } from './schema';

/**
 * Writes the technique's moves anew, as after a change of surface, cups or settings. Moves edited by hand stay as
 * they are: in place of the written one of the same id, or, where the technique writes none, after the move they followed.
 */
export function rewriteMoves(plan: Plan): Plan {
  const technique = techniqueOf(plan.technique.id);
  const shape = shapeOf(plan.surface.shape);
  const base = plan.budget.pots.find((p) => p.use === 'base');
  const written = technique.moves(
    {
      cups: plan.cups.map((c) => c.id),
      ...(base?.mix === undefined ? {} : { baseMix: base.mix, baseMm: base.filmMm ?? 1 }),
      ...shape.bounds(plan.surface.shape),
      reaches: shape.reaches(plan.surface.shape),
    },
    { ...technique.defaults, ...plan.technique.settings },
  );
  const own = plan.moves.filter((m) => m.own);
  const moves = written.map((m) => own.find((o) => o.id === m.id) ?? m);
  for (const move of own.filter(
    (o) => !written.some((m) => m.id === o.id) && stillPossible(o, plan),
  )) {
    const before = plan.moves[plan.moves.indexOf(move) - 1];
    const at = before ? moves.findIndex((m) => m.id === before.id) : -1;
    moves.splice(at + 1, 0, move);
  }
  return { ...plan, moves };
}

const stillPossible = (move: Move, plan: Plan): boolean =>
  (!('cup' in move) || plan.cups.some((c) => c.id === move.cup)) &&
  (!('mix' in move) || plan.mixes.some((m) => m.id === move.mix));
