import { OAT, plan, SLATE } from '../plan/fixture.test-data';
import { addCoat } from '../plan/edit/coats';
import { advance, beginRun } from '../journal/run';
import type { Run } from '../journal/schema';
import { summariseRun } from '../journal/summary';
import { planOnRack } from './of-plan';
import { entriesOf, weekOf } from './entries';
import { dayOf, localOf, minutesOf, startOf, ANY_HOUSE } from '../schedule/house';
import { plannedPiece, pouredPieces } from './pieces';
import { todosOf } from './todo';

/** Moments here are minutes since 1970 on the wall, as if the wall were in UTC. */
const ms = (local: string) => minutesOf(local) * 60_000;
const wall = (at: number) => at / 60_000;

const coated = addCoat(
  { ...plan([OAT, SLATE]), waiting: 'week' as const },
  { product: 'varnish', coats: 1, filmMm: 0.1, pop: 'pin' },
);
const poured = (id: string, at: string, stage = 0): Run => {
  const begun = beginRun(id, 'p', coated, ms(at), stage);
  return begun.moves.reduce((run) => advance(run, ms(at) + 60_000), begun);
};
const at = (now: string, runs: readonly Run[]) =>
  todosOf(pouredPieces(runs.map(summariseRun), wall, ms(now)), ANY_HOUSE, minutesOf(now));

test('a piece asks for one thing at a time: look, coat, hang; overdue where it was let be', () => {
  const run = poured('run-00000001', '2026-11-28T10:00');
  const does = (now: string) => at(now, [run]).map(({ does: act, due }) => `${act} ${due}`);
  expect(does('2026-11-28T11:00')).toEqual(['look week']);
  expect(does('2026-11-29T05:00')).toEqual(['look now']);
  // Once it is dry for sure nobody need look: the coat is next, in a week.
  expect(does('2026-11-30T10:00')).toEqual(['stage week']);
  expect(does('2026-12-05T12:00')).toEqual(['stage now']);
  expect(does('2026-12-08T12:00')).toEqual(['stage overdue']);
  const [todo] = at('2026-12-05T12:00', [run]);
  expect(todo).toMatchObject({ says: 'Top coat', stage: 1 });
});

test('the coat done, the pour it lies on is on the rack no more; hung, the piece is off it', () => {
  const run = poured('run-00000001', '2026-11-28T10:00');
  const coat = poured('run-00000002', '2026-12-05T10:00', 1);
  expect(at('2026-12-05T12:00', [run, coat]).map(({ piece }) => piece.id)).toEqual([coat.id]);
  const late = at('2026-12-20T12:00', [run, coat]);
  expect(late).toMatchObject([{ does: 'hang', due: 'now' }]);
  const hung = { ...coat, done: [{ act: 'hung' as const, at: ms('2026-12-20T12:00') }] };
  expect(at('2026-12-20T12:01', [run, hung])).toEqual([]);
});

test('what is made for somebody is handed over, overdue after its day', () => {
  const commission = { ...coated, commission: { for: 'The mill' }, dates: { due: '2026-12-15' } };
  const coat = { ...poured('run-00000002', '2026-12-05T10:00', 1), plan: commission };
  expect(at('2026-12-16T12:00', [coat])).toMatchObject([
    { does: 'post', due: 'overdue', says: 'Hand it over to The mill' },
  ]);
});

test('a plan says of itself what the rack needs, the same as its own schedule', () => {
  const day = { ...coated, dates: { pour: '2026-11-30T10:00', due: '2027-01-10' } };
  const rack = planOnRack(day);
  const piece = plannedPiece({ id: 'p', title: day.title, pour: day.dates.pour, rack })!;
  const [todo] = todosOf([piece], ANY_HOUSE, minutesOf('2026-11-30T08:00'));
  expect(todo).toMatchObject({ does: 'pour', due: 'now' });
  expect(todosOf([piece], ANY_HOUSE, minutesOf('2026-12-01T12:01'))[0]!.due).toBe('overdue');
  expect(localOf(piece.pour!)).toBe('2026-11-30T10:00');
  // The quick school would have it coated days sooner.
  expect(rack.quick!.at(-1)!.toMin).toBeLessThan(rack.acts.at(-1)!.toMin - 3 * 1440);
  expect(rack.coats).toMatchObject([{ product: 'varnish' }]);
});

test('a week begins with Monday, and holds what falls on its days, the promise as a day', () => {
  expect(localOf(startOf(weekOf(dayOf(minutesOf('2026-11-29')))))).toBe('2026-11-23T00:00');
  const day = { ...coated, dates: { pour: '2026-11-30T10:00', due: '2026-12-24' } };
  const piece = plannedPiece({
    id: 'p',
    title: day.title,
    ...day.dates,
    rack: planOnRack(day),
  })!;
  const entries = entriesOf([piece], ANY_HOUSE);
  expect(entries.map(({ says }) => says)).toEqual([
    'Pour',
    'Dry to the touch',
    'May be turned and handled',
    'Top coat',
    'Top coat: dry to the touch',
    'Cured, may hang',
    'Promised',
  ]);
  expect(entries.at(-1)).toMatchObject({ allDay: true });
  for (const [i, { at: when }] of entries.slice(1).entries())
    expect(when).toBeGreaterThanOrEqual(entries[i]!.at);
});
