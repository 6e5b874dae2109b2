import { type Amounts, reckon } from '../../budget/budget';
import type { Budget } from '../../budget/schema';
import type { Factors } from '../../factor';
import { roundParts } from '../../mix/round-parts';
import { measureSurface } from '../../surface/measure';
import type { Surface } from '../../surface/schema';
import type { OpenPlan } from '../document/open';

/** What a budget comes to with the mixes of a plan; by the marks of a cup nothing is weighed, so no part is rounded. */
export function amountsIn(
  { densityOf, recipe, hasMix }: OpenPlan,
  budget: Budget,
  surface: Surface,
  factors: Factors,
): Amounts {
  const { partsToG, stepG, stepMl } = budget;
  const madeG = (mix: string, neededG: number): number => {
    if (partsToG === undefined || neededG <= 0 || !hasMix(mix)) return neededG;
    const parts = roundParts(recipe(mix), neededG, partsToG, stepG);
    return parts?.reduce((sum, g) => sum + g, 0) ?? neededG;
  };
  return reckon(budget, {
    measure: measureSurface(surface),
    raisedRim: surface.rim.kind === 'raised',
    densityOf,
    ...(stepMl === undefined && partsToG !== undefined ? { madeG } : {}),
    factors,
  });
}
