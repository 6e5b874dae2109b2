/**
 * Local dates and times as minutes since 1970 by the same clock, without a zone. A day has 1440 of them wherever the artist is: where clocks go forward
 * or back the hours of that night are as the wall shows them.
 */

const DAY_MIN = 1440;

/** @param local "2026-11-28T10:00", or a day alone, which is its noon */
export const minutesOf = (local: string): number =>
  Math.round(Date.parse(`${local.length === 10 ? `${local}T12:00` : local}Z`) / 60_000);

export const localOf = (minutes: number): string =>
  new Date(Math.round(minutes) * 60_000).toISOString().slice(0, 'yyyy-mm-ddThh:mm'.length);

/** The day a moment is in, counted from 1970. */
export const dayOf = (minutes: number): number => Math.floor(minutes / DAY_MIN);

export const startOf = (day: number): number => day * DAY_MIN;

/** 0 for Sunday; 1 January 1970 was a Thursday. */
export const weekdayOf = (day: number): number => (((day + 4) % 7) + 7) % 7;
