import { SCHOOLS } from '../../budget/school';
import { rewriteMoves } from '../beginning/moves';
import { withBase } from '../beginning/needs';
import type { Plan } from '../document/schema';
import type { TechniqueSet } from './technique';

export { onBase } from '../beginning/needs';

/** Lays a wet base under the pour, or leaves it out; its move and what edges want follow. */
export function setBase(plan: Plan, on: boolean): TechniqueSet {
  const based = withBase(plan, on);
  const [was, is] = [plan.budget.school, based.budget.school];
  const edges = (of: Plan) => of.budget.pots.some(({ use }) => use === 'edge');
  return {
    plan: rewriteMoves(based, plan),
    changed: [
      ...(was === is ? [] : [`Amounts are reckoned by “${SCHOOLS[is].name}” now.`]),
      ...(edges(based) && !edges(plan) ? ['Edges are wetted by themselves now.'] : []),
      ...(edges(plan) && !edges(based) ? ['Edges are wetted with the base now.'] : []),
    ],
  };
}
