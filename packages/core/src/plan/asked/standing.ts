import { factorsWith } from '../../factor';
import { openPlan } from '../document/open';
import type { Plan } from '../document/schema';
import { minutesOf } from './minutes';

/** A mix that has stood so long that it should be tested again. */
export interface Standing {
  readonly mix: string;
  readonly name: string;
  readonly minutes: number;
}

/** After this nobody waits for a reminder any more. */
const FORGOTTEN_MIN = 12 * 60;

/**
 * Mixes that were made, or last tested or let down, so long ago that they have thickened, longest first.
 * @param now local date and time, as documents have them
 * @param pouredAt when the pour began, if it has: what has been poured stands no more
 */
export function standing(
  plan: Plan,
  now: string,
  pouredAt?: string,
  factors = factorsWith(),
): Standing[] {
  return (plan.made ?? [])
    .flatMap((made): Standing[] => {
      const touched = [
        made.on,
        ...(plan.readings ?? []).flatMap((r) => (r.mix === made.mix ? [r.on] : [])),
      ]
        .filter((on) => on.length > DAY_LETTERS)
        .sort()
        .at(-1);
      if (touched === undefined || (pouredAt !== undefined && pouredAt >= touched)) return [];
      const minutes = Math.floor(minutesOf(now) - minutesOf(touched) + 1e-9);
      const name = openPlan(plan).mixName(made.mix);
      return minutes >= factors['stands-well'] && minutes < FORGOTTEN_MIN
        ? [{ mix: made.mix, name, minutes }]
        : [];
    })
    .sort((a, b) => b.minutes - a.minutes);
}

/** Letters of a date without a time. */
const DAY_LETTERS = '2026-11-28'.length;
