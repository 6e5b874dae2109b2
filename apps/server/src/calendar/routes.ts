import { timingSafeEqual } from 'node:crypto';
import type { FastifyReply } from 'fastify';
import type { Database } from '../db/open';
import type { Routes } from '../http/contract';
import { Refused } from '../refused';
import { readSettings } from '../settings/store';
import { calendarText, datesOf } from './calendar';

const KIND = 'text/calendar; charset=utf-8';

/**
 * The studio's dates: as a file for whoever is let in, and to subscribe to at an address that is secret. A calendar carries no cookie, so whoever
 * has that address reads the dates, and nothing else; taken back, it answers nobody.
 */
export function calendarRoutes(app: Routes, db: Database, now: () => Date): void {
  const send = async (reply: FastifyReply) =>
    reply.type(KIND).send(calendarText(await datesOf(db, now()), now()));
  app.get('/api/calendar.ics', (_request, reply) => send(reply));
  app.get<{ Params: { secret: string } }>('/calendar/:secret.ics', async (request, reply) => {
    const feed = (await readSettings(db))?.calendarFeed;
    if (feed === undefined || !same(request.params.secret, feed))
      throw new Refused('no-calendar', 'There is no calendar at this address, or not any more.');
    return send(reply);
  });
}

/** Told apart in the same time wherever they differ. */
const same = (one: string, other: string): boolean =>
  one.length === other.length && timingSafeEqual(Buffer.from(one), Buffer.from(other));
