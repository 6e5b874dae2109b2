import { layersOf } from '../../cup/load';
import { cupsOf } from '../../verb';
import { limbsOf } from '../../surface/measure';
import type { Brief } from '../brief/brief';
import { rewriteMoves } from '../beginning/moves';
import type { Plan } from '../document/schema';
import { limbCups, MOST_CUPS } from '../beginning/starting-cups';

/** Whether the surface has strokes that a cup each would reach better than the cups the plan has. */
export function wantsLimbCups(plan: Plan): boolean {
  const limbs = limbsOf(plan.surface.shape);
  return (
    limbs.length > 0 &&
    limbs.length < MOST_CUPS &&
    limbs.some(({ name }) => !plan.cups.some((c) => c.for === `limb:${name}`))
  );
}

/** A cup for each stroke of the surface and one for the gaps, loaded as the first cup is, in place of the cups there are. */
export function withLimbCups(plan: Plan, brief: Brief): Plan {
  const [first] = plan.cups;
  if (!first) return plan;
  // By parts, so that the pots are divided anew.
  const layers = layersOf(first, plan.cups).map(({ ml: _, ...l }) => ({
    ...l,
    parts: l.parts ?? 1,
  }));
  const ml = brief.cups.reduce((sum, c) => sum + c.filledMl, 0);
  const cups = limbCups(limbsOf(plan.surface.shape), layers, ml);
  const moves = plan.moves.filter((m) => cupsOf(m).every((id) => cups.some((c) => c.id === id)));
  return rewriteMoves({ ...plan, cups, moves }, { ...plan, moves });
}
