import { type Factors, factorsWith } from '../../factor';
import type { Plan } from '../document/schema';
import { minutesOf } from './minutes';

/**
 * Minutes until the bubbles of shaken mixes have left: they would pass for cells (handbook 11, common practice, no published source). Not
 * above 0 once they have; undefined where nothing was said to have been shaken.
 * @param now local date and time, as documents have them
 */
export const bubblesLeaveIn = (
  { shaken }: Plan,
  now: string,
  factors: Factors = factorsWith(),
): number | undefined =>
  shaken === undefined
    ? undefined
    : Math.ceil(minutesOf(shaken) + factors['bubbles-leave'] - minutesOf(now));
