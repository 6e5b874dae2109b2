/** A daily copy's name: the day it was made. Others, made by hand or before a change of the file's form, have longer names. */
const DAILY = /^potter-(\d{4})-(\d\d)-(\d\d)\.db$/;

export const DAYS = 7;
export const WEEKS = 4;
const DAY_MS = 86_400_000;

export const dailyName = (now: Date): string => `potter-${now.toISOString().slice(0, 10)}.db`;

/** A moment to the second, as names of files have it: 2026-11-24-120000. */
const stampOf = (now: Date): string =>
  now.toISOString().slice(0, 19).replace('T', '-').replaceAll(':', '');

/** One made by hand. */
export const nameByHand = (now: Date): string => `potter-${stampOf(now)}-by-hand.db`;

/** One brought in from elsewhere. */
export const nameBroughtIn = (now: Date): string => `potter-${stampOf(now)}-brought-in.db`;

/** The studio as it was before a copy took its place. */
export const nameBeforeRestore = (now: Date): string => `before-restore-${stampOf(now)}.db`;

/**
 * Which daily copies have had their time: the last seven stay, and of the weeks before them the last one of each of four. Whatever has another
 * name stays.
 */
export function outworn(names: readonly string[]): string[] {
  const daily = names
    .flatMap((name) => {
      const [, year, month, day] = DAILY.exec(name) ?? [];
      return day === undefined
        ? []
        : [{ name, day: Date.UTC(Number(year), Number(month) - 1, Number(day)) / DAY_MS }];
    })
    .sort((a, b) => b.day - a.day);
  const older = daily.slice(DAYS);
  const weeks = new Map<number, string>();
  // Newest first: the first of a week is its last copy.
  for (const { name, day } of older) {
    const week = Math.floor(day / 7);
    if (!weeks.has(week)) weeks.set(week, name);
  }
  const kept = new Set([...weeks.values()].slice(0, WEEKS));
  return older.map((c) => c.name).filter((name) => !kept.has(name));
}
