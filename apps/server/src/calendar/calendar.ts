import { type CalendarDate, planDates, runDates } from '@potter/core/format';
import type { RunSummary } from '@potter/core/journal';
import type { Plan } from '@potter/core/plan';
import { and, gt, isNotNull } from 'drizzle-orm';
import ical from 'ical-generator';
import { isSound, textIn } from '../db/documents';
import type { Database } from '../db/open';
import { plans, runs } from '../db/schema';
import { unpoured } from '../db/unpoured';
import { CURED_MS } from '../rack/store';
import { readSettings } from '../settings/store';

/** A calendar asks again after so long, s. */
const EVERY_S = 3600;

/** Every date of the studio: of plans that have a day and are not poured, and of pieces on the rack. What cannot be read has none. */
export async function datesOf(db: Database, now: Date): Promise<CalendarDate[]> {
  const { read } = db;
  const house = (await readSettings(db))?.house;
  const planned = await read
    .select({ id: plans.id, text: textIn(plans.plan) })
    .from(plans)
    .where(and(isNotNull(plans.pour), unpoured));
  const poured = await read
    .select({ endedAt: runs.endedAt, text: textIn(runs.summary) })
    .from(runs)
    .where(gt(runs.endedAt, now.getTime() - CURED_MS));
  return [
    ...planned.flatMap(({ id, text }) =>
      text !== null && isSound('Plan', text) ? planDates(id, JSON.parse(text) as Plan, house) : [],
    ),
    ...poured.flatMap(({ endedAt, text }) =>
      text !== null && endedAt !== null && isSound('RunRow', text)
        ? runDates(JSON.parse(text) as RunSummary, localTime(endedAt), house)
        : [],
    ),
  ];
}

/** A moment by this machine's clock, without its zone. */
function localTime(ms: number): string {
  const offsetMs = new Date(ms).getTimezoneOffset() * 60_000;
  return new Date(ms - offsetMs).toISOString().slice(0, 'yyyy-mm-ddThh:mm'.length);
}

/** Dates as an iCalendar file (RFC 5545). Times float: they are meant where the artist is. */
export function calendarText(dates: readonly CalendarDate[], now: Date): string {
  const calendar = ical({ name: 'Potter', prodId: '//potter//studio//EN', ttl: EVERY_S });
  for (const { uid, title, says, from, to } of dates) {
    const allDay = from.length === 'yyyy-mm-dd'.length;
    calendar.createEvent({
      id: `${uid}@potter`,
      stamp: now,
      // Read as UTC and written without a zone.
      start: new Date(allDay ? `${from}T00:00Z` : `${from}Z`),
      ...(to === undefined ? {} : { end: new Date(`${to}Z`) }),
      ...(allDay ? { allDay } : { floating: true }),
      summary: title,
      description: says,
    });
  }
  return calendar.toString();
}
