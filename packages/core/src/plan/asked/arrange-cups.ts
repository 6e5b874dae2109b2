import type { OrderAsk } from '../../order/answer';
import { arrange, type Arranged } from '../../order/arrange';
import type { CupOrder } from '../../order/schema';
import type { Brief } from '../brief/brief';
import { loadInOrder } from '../edit/order';
import type { Plan } from '../document/schema';
import { cupOrderAsk } from './cup-order';

/**
 * Every cup in the best order for it, one after the other: each is weighed against those before it. Where these leave a cup none it is ordered
 * without heed to them; a cup no order keeps to what is asked stays as it is. A generator, so that whoever has it may weigh the orders elsewhere:
 * it yields what is to be weighed, is told the best, and returns the plan.
 */
export function* arrangingCups(
  plan: Plan,
  brief: Brief,
  wanted: CupOrder,
): Generator<OrderAsk, Plan, Arranged | undefined> {
  let arranged = plan;
  for (let cup = 0; cup < plan.cups.length; cup++) {
    const asked = cupOrderAsk(arranged, brief, cup, wanted, (other) => other < cup);
    if (!asked) continue;
    const { facing, ...alone } = asked.ask.wish;
    let found = yield asked.ask;
    if (!found && facing) found = yield { ...asked.ask, wish: alone };
    if (found) arranged = loadInOrder(arranged, cup, asked.mixes, found);
  }
  return arranged;
}

/** The same at once. Throws a RangeError where there are too many orders to weigh. */
export function arrangeCups(plan: Plan, brief: Brief, wanted: CupOrder): Plan {
  const work = arrangingCups(plan, brief, wanted);
  let step = work.next();
  while (!step.done) {
    const { hexes, counts, wish } = step.value;
    step = work.next(arrange(hexes, counts, wish));
  }
  return step.value;
}
