import { DEFAULT_SETTINGS } from '@potter/contract';
import { advance, beginRun } from '@potter/core/journal';
import { edit } from '@potter/core/plan';
import ICAL from 'ical.js';
import { inStudio, plan } from '../../test/studio';
import { calendarText } from './calendar';

const { ask, app, made } = inStudio();
const NOW = new Date('2026-11-28T12:00:00Z');
const get = (url: string) => app().inject({ url, headers: { host: '127.0.0.1' } });
const read = (text: string) =>
  new ICAL.Component(ICAL.parse(text) as never)
    .getAllSubcomponents('vevent')
    .map((one) => new ICAL.Event(one));
const dated = (title: string) =>
  edit.setDates(plan(title), { pour: '2026-12-05T10:00', due: '2026-12-31' });

test('an independent reader finds each date once, floating, a day alone as a day, with its stamp in UTC (RFC 5545)', async () => {
  const { id } = await made(dated('Quince, slate; and a \\ of brass'));
  const answer = await get('/api/calendar.ics');
  expect(answer.headers['content-type']).toContain('text/calendar');
  const events = read(answer.body);
  expect(events.map(({ uid }) => uid)).toEqual([`${id}.pour@potter`, `${id}.due@potter`]);
  const [pour, due] = events;
  expect(pour!.summary).toBe('Pour Quince, slate; and a \\ of brass');
  expect(pour!.startDate.toString()).toBe('2026-12-05T10:00:00');
  expect(pour!.startDate.zone.tzid).toBe('floating');
  expect(due!.startDate.isDate).toBe(true);
  expect(due!.startDate.toString()).toBe('2026-12-31');
  expect(answer.body).toMatch(/DTSTAMP:\d{8}T\d{6}Z/);
  expect(answer.body).toMatch(/DTSTART:20261205T100000\r\n/);
});

test('lines end in CRLF and are folded at 75 octets, whatever letters are in them; folded back they are the same', () => {
  const title = 'Grün über Quitte und Schiefer, ärmer an Öl '.repeat(6).trim();
  const says = 'Erst; dann, dann \\ und\nzuletzt 🎨 Farbe. '.repeat(5).trim();
  const text = calendarText(
    [{ uid: 'a', title, says, from: '2026-03-29T02:30', to: '2026-03-29T03:30' }],
    NOW,
  );
  const lines = text.split('\r\n');
  expect(text.replaceAll('\r\n', '')).not.toMatch(/[\r\n]/);
  for (const line of lines) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
  const [event] = read(text);
  expect(event!.summary).toBe(title);
  expect(event!.description).toBe(says);
  // An hour that some clocks skip: without a zone it is what it says.
  expect(event!.startDate.toString()).toBe('2026-03-29T02:30:00');
});

test('edited, a date has the same id; poured, the plan has none, and its piece has those of the rack', async () => {
  const record = await made(dated('Damson'));
  const uids = async () => read((await get('/api/calendar.ics')).body).map(({ uid }) => uid);
  const before = await uids();
  await ask('PUT', `/api/plans/${record.id}`, {
    revision: record.revision,
    plan: edit.setDates(edit.rename(record.plan, 'Damson anew'), { pour: '2026-12-06T09:00' }),
    save: 'save-00000001',
  });
  expect(await uids()).toEqual(before);
  let run = beginRun('run-0000000000000001', record.id, record.plan, NOW.getTime());
  for (let i = 0; i < run.moves.length; i++) run = advance(run, NOW.getTime() + 1000 * i);
  await ask('PUT', `/api/runs/${run.id}`, { now: run });
  const after = await uids();
  expect(after.every((uid) => uid.startsWith(run.id))).toBe(true);
  expect(after).toContain(`${run.id}.cured@potter`);
});

test('the address to subscribe to answers while it stands, nobody who guesses, and nobody once it is taken back', async () => {
  await made(dated('Quince'));
  const feed = 'a'.repeat(32);
  const set = (calendarFeed?: string) =>
    ask('PUT', '/api/settings', {
      now: { ...DEFAULT_SETTINGS, ...(calendarFeed === undefined ? {} : { calendarFeed }) },
    });
  expect((await get(`/calendar/${feed}.ics`)).statusCode).toBe(404);
  await set(feed);
  const there = await get(`/calendar/${feed}.ics`);
  expect(there.statusCode).toBe(200);
  expect(read(there.body)).toHaveLength(2);
  expect((await get(`/calendar/${'b'.repeat(32)}.ics`)).statusCode).toBe(404);
  expect((await get(`/calendar/${feed}x.ics`)).statusCode).toBe(404);
  await set();
  expect((await get(`/calendar/${feed}.ics`)).statusCode).toBe(404);
});
