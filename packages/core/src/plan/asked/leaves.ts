import type { Lies } from '../../order/lengths';
import { cupsOf, type Empties, pouredThrough, verbOf } from '../../verb';
import type { Plan } from '../document/schema';

/** What becomes of the first and the last that leave a cup, in an artist's words. */
export interface LeavesWords {
  readonly first: string;
  readonly last: string;
}

/** What happens to what leaves this cup first and last, by how the plan's moves empty it (handbook 5, common practice, no published source). */
export function leavesWords(plan: Plan, cupId: string): LeavesWords {
  const cup = plan.cups.find((c) => c.id === cupId);
  if (cup?.loading === 'split')
    return {
      first: 'all compartments leave together, side by side',
      last: 'each to the end in its own direction',
    };
  const { first, last } = emptiesOf(plan, cupId);
  return { first, last };
}

/** Where the layers of a cup come to lie, by how it empties. */
export function liesOf(plan: Plan, cupId: string): Lies {
  const { lies, outlet } = emptiesOf(plan, cupId);
  if (lies === 'bands' || plan.cups.find((c) => c.id === cupId)?.loading === 'split')
    return 'bands';
  // What leaves first is pushed outward by all that follows.
  return outlet.from === 'top' ? 'first-amid' : 'last-amid';
}

/** How a cup empties: as the first move that uses it does, else poured through its outlet. */
export function emptiesOf(plan: Plan, cupId: string): Empties {
  const outlet = plan.cups.find((c) => c.id === cupId)?.outlet;
  const move = plan.moves.find((m) => cupsOf(m).includes(cupId));
  return (move && verbOf(move).empties?.(outlet, move)) ?? pouredThrough(outlet);
}
