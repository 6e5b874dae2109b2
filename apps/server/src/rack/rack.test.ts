import { advance, beginRun } from '@potter/core/journal';
import { edit } from '@potter/core/plan';
import { datesOf, localOf, plannedPiece } from '@potter/core/rack';
import { sql } from 'drizzle-orm';
import { inStudio, plan } from '../../test/studio';

const { app, ask, db, later, made } = inStudio();
const rack = async () => (await ask('GET', '/api/rack')).body;
const NOW = Date.UTC(2026, 10, 24, 10);

test('a plan not poured is there with what dates it; poured, its piece is there instead', async () => {
  const { id } = await made(edit.setDates(plan('Quince'), { due: '2026-12-31' }));
  const [row] = (await rack()).plans;
  expect(row).toMatchObject({ id, title: 'Quince', due: '2026-12-31' });
  expect(row.rack).toMatchObject({ widthMm: 500, heightMm: 400, pieces: 1 });
  expect(row.rack.acts.at(-1).act).toBe('cured');
  const begun = beginRun('run-0000000000000001', id, plan('Quince'), NOW);
  await ask('PUT', `/api/runs/${begun.id}`, { now: begun });
  expect((await rack()).plans).toHaveLength(1);
  const done = begun.moves.reduce((run, _, i) => advance(run, NOW + 1000 * i), begun);
  await ask('PUT', `/api/runs/${begun.id}`, { now: done });
  const after = await rack();
  expect(after.plans).toEqual([]);
  expect(after.runs).toMatchObject([{ id: begun.id, widthMm: 500, pieces: 1 }]);
  // Its day is the plan's, moved after the pour too.
  expect(after.runs[0].due).toBe('2026-12-31');
  const { revision, plan: poured } = (await ask('GET', `/api/plans/${id}`)).body;
  const moved = edit.setDates(poured, { due: '2027-01-09' });
  await ask('PUT', `/api/plans/${id}`, { revision, plan: moved, save: 'save-00000001' });
  expect((await rack()).runs[0].due).toBe('2027-01-09');
  // Cured for long, it is no matter of the rack any more.
  later(200);
  expect((await rack()).runs).toEqual([]);
});

test('what dates a plan follows its edits; a row of before it was kept is worked out once, and one that cannot be read is set apart', async () => {
  const record = await made(plan('Damson'));
  const [before] = (await rack()).plans;
  await ask('PUT', `/api/plans/${record.id}`, {
    revision: record.revision,
    plan: { ...record.plan, waiting: 'week', room: { tempC: 8, rh: 80 } },
    save: 'save-00000001',
  });
  const [cold] = (await rack()).plans;
  expect(cold.rack.acts[0].toMin).toBeGreaterThan(before.rack.acts[0].toMin);
  await db().read.run(sql`UPDATE plans SET rack = NULL`);
  expect((await rack()).plans[0].rack).toEqual(cold.rack);
  const kept = await db().read.all<{ rack: string }>(sql`SELECT rack FROM plans`);
  expect(JSON.parse(kept[0]!.rack)).toEqual(cold.rack);
  await db().read.run(sql`UPDATE plans SET summary = '{'`);
  const apart = await rack();
  expect(apart.plans).toEqual([]);
  expect(apart.apart).toMatchObject([{ id: record.id }]);
});

test('the calendar has a coat when somebody is there to lay it, as the rack has it', async () => {
  const coated = edit.addCoat(
    { ...plan('Slate'), dates: { pour: '2026-12-04T22:00' }, waiting: 'week' },
    { product: 'varnish', coats: 1, filmMm: 0.1, pop: 'pin' },
  );
  await made(coated);
  const house = {
    workDays: [1, 2, 3, 4, 5],
    from: '09:00',
    to: '18:00',
    perDay: 2,
    orderDays: 5,
  };
  const settings = (await ask('GET', '/api/settings')).body;
  await ask('PUT', '/api/settings', { now: { ...settings, house } });
  const answer = await app().inject({
    url: '/api/calendar.ics',
    headers: { host: '127.0.0.1:4173' },
  });
  const [row] = (await rack()).plans;
  const piece = plannedPiece(row)!;
  const coat = datesOf(piece, house).find(({ act }) => act === 'stage')!;
  // A week after a Friday night is a Friday night: the next morning is off, so it is Monday at nine.
  expect(localOf(coat.from)).toBe('2026-12-14T09:00');
  expect(answer.body).toContain('DTSTART:20261214T090000');
});
