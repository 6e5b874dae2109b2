import { dayOf, startOf, weekdayOf } from './minutes';
import type { House } from './schema';

const ofDay = (clock: string): number => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3));

/** When work begins and ends on a day, minutes; undefined where nobody is there. Hours that end before they begin last to midnight. */
export function hoursOf(
  day: number,
  { workDays, from, to }: House,
): { readonly from: number; readonly to: number } | undefined {
  if (!workDays.includes(weekdayOf(day))) return undefined;
  const begins = startOf(day) + ofDay(from);
  const ends = startOf(day) + ofDay(to);
  return { from: begins, to: ends > begins ? ends : startOf(day + 1) - 1 };
}

/** The first moment from this one on at which somebody is there. */
export function nextWork(minutes: number, house: House): number {
  const today = hoursOf(dayOf(minutes), house);
  if (today && minutes <= today.to) return Math.max(minutes, today.from);
  // A week holds every day there is, and a house works on one at least.
  for (let day = dayOf(minutes) + 1; ; day++) {
    const hours = hoursOf(day, house);
    if (hours) return hours.from;
  }
}
