import { arrange } from '../../order/arrange';
import type { CupOrder } from '../../order/schema';
import type { Brief } from '../brief/brief';
import { loadInOrder } from '../edit/order';
import type { Plan } from '../document/schema';
import { cupOrderAsk } from './cup-order';

/**
 * Every cup in the best order for it, one after the other: each is weighed against those before it. Where these leave a cup none it is ordered
 * without heed to them; a cup no order keeps to what is asked stays as it is. Throws a RangeError where there are too many orders to weigh.
 */
export function arrangeCups(plan: Plan, brief: Brief, wanted: CupOrder): Plan {
  return plan.cups.reduce((of, _, cup) => {
    const asked = cupOrderAsk(of, brief, cup, wanted, (other) => other < cup);
    if (!asked) return of;
    const { hexes, counts, wish } = asked.ask;
    const { facing: _facing, ...alone } = wish;
    const found = arrange(hexes, counts, wish) ?? arrange(hexes, counts, alone);
    return found ? loadInOrder(of, cup, asked.mixes, found) : of;
  }, plan);
}
