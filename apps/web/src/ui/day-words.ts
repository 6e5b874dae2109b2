const DAY = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  timeZone: 'UTC',
});

/** A local date as people say it: "Sat 28 Nov". The date carries no zone, so none is applied. */
export function dayWords(local: string): string {
  return DAY.format(new Date(`${local.slice(0, 10)}T12:00Z`)).replace(',', '');
}
