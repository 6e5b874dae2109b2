import { rewriteMoves } from '../plan/beginning/moves';
import { brief } from '../plan/brief/brief';
import { openPlan } from '../plan/document/open';
import type { Plan } from '../plan/document/schema';
import { leftOver } from '../stock/left-over';
import type { Run } from './schema';

/**
 * A new pour over the piece of an old one, as the plan it was poured by: the same colours and technique on what lies there now, sealed, of about the
 * colour its paint is all stirred together, with oil in it or not. Where it comes from is kept with the surface.
 */
export function pourOver({ id, plan }: Pick<Run, 'id' | 'plan'>): Plan {
  const {
    dates: _dates,
    made: _made,
    pictures: _pictures,
    miniOf: _miniOf,
    leftOf: _leftOf,
    readings: _readings,
    ...rest
  } = plan;
  const { weighsG: _weighs, ...surface } = plan.surface;
  const { hex } = leftOver(plan, brief(plan));
  return rewriteMoves({
    ...rest,
    title: `${plan.title}, poured over`.slice(0, 120),
    surface: {
      ...surface,
      absorbency: 'sealed',
      ground: { hex, finish: 'satin' },
      over: { silicone: openPlan(plan).oily ? 'yes' : 'no', run: id },
    },
    budget: { ...plan.budget, pots: plan.budget.pots.filter(({ use }) => use !== 'dots') },
    moves: [],
  });
}
