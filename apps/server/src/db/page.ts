import { and, type Column, eq, gt, lt, or, type SQL } from 'drizzle-orm';

/** As many as a list gives at once where nobody says how many. */
export const PAGE = 100;

/** Where a page of a list ended: what it is ordered by, and the id that tells equals apart. */
export const endOf = (key: string | number, id: string): string => `${key}|${id}`;

/** What comes after the end of an earlier page, in a list ordered by `key` (up or down), equals by their id. */
export function after(end: string, key: Column, id: Column, order: 'up' | 'down'): SQL | undefined {
  const cut = end.lastIndexOf('|');
  const text = end.slice(0, cut);
  const last = key.dataType === 'number' ? Number(text) : text;
  const beyond = order === 'up' ? gt(key, last) : lt(key, last);
  return or(beyond, and(eq(key, last), gt(id, end.slice(cut + 1))));
}
