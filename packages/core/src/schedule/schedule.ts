import { ANY_HOUSE, datedFrom, type House, localOf, minutesOf } from './house';
import type { PathAct, PathWord } from './path';

/** Something that becomes possible, with the earliest and the latest it may be, local time without a zone. */
export interface ScheduleEntry {
  readonly act: 'pour' | PathWord | 'due';
  readonly from: string;
  readonly to: string;
  readonly why: string;
  /** See `PathAct`. */
  readonly stage?: number;
  readonly title?: string;
}

/**
 * Dates of a piece from the day it is poured.
 * @param pour local date and time, "2026-11-28T10:00"
 * @param runS how long the pour takes, seconds
 */
export function scheduleOf(
  pour: string,
  runS: number,
  path: readonly PathAct[],
  due?: string,
  house: House = ANY_HOUSE,
): ScheduleEntry[] {
  const end = addHours(pour, runS / 3600);
  const acts = path.map(({ fromH, toH, ...act }) => ({
    ...act,
    fromMin: fromH * 60,
    toMin: toH * 60,
  }));
  return [
    { act: 'pour', from: pour, to: end, why: 'the moves of the plan' },
    ...scheduledFrom(end, acts, house),
    ...(due === undefined
      ? []
      : [
          {
            act: 'due' as const,
            from: withTime(due),
            to: withTime(due),
            why: 'the day you gave',
          },
        ]),
  ];
}

/** What becomes possible after a pour or a stage has ended, as dates. */
export const scheduledFrom = (
  end: string,
  acts: readonly (Omit<ScheduleEntry, 'act' | 'from' | 'to'> & {
    readonly act: PathWord;
    readonly fromMin: number;
    readonly toMin: number;
  })[],
  house: House,
): ScheduleEntry[] =>
  datedFrom(minutesOf(end), acts, house).map(({ from, to, ...act }) => ({
    ...act,
    from: localOf(from),
    to: localOf(to),
  }));

const withTime = (date: string): string => (date.length === 10 ? `${date}T12:00` : date);

/** Adds hours to a local date and time; plain calendar arithmetic, no time zone is involved. */
export function addHours(local: string, hours: number): string {
  return new Date(Math.round(Date.parse(`${withTime(local)}Z`) + hours * 3_600_000))
    .toISOString()
    .slice(0, 16);
}
