const DAY = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  timeZone: 'UTC',
});

const LONG = new Intl.DateTimeFormat('en-GB', {
  weekday: 'long',
  day: 'numeric',
  month: 'long',
  year: 'numeric',
  timeZone: 'UTC',
});

/** A local day in full, with its time where it has one: "Saturday 28 November 2026, 10:00". */
export function whenWords(local: string): string {
  const time = local.slice('2026-11-28T'.length);
  return `${LONG.format(new Date(`${local.slice(0, 10)}T12:00Z`)).replace(',', '')}${time === '' ? '' : `, ${time}`}`;
}

/** A local date as people say it: "Sat 28 Nov". The date carries no zone, so none is applied. */
export function dayWords(local: string): string {
  return DAY.format(new Date(`${local.slice(0, 10)}T12:00Z`)).replace(',', '');
}
