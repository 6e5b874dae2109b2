import { addDots } from '../plan/edit/stages';
import { brief } from '../plan/brief/brief';
import { OAT, plan, SLATE } from '../plan/fixture.test-data';
import { stageDates } from './stage-dates';
import { stagesOf } from './stages';

const ask = {
  pattern: 'mandala' as const,
  mixes: ['m-oat'],
  dotMm: 6,
  round: 12,
  rows: 3,
  coated: true,
};
const dotted = {
  ...addDots(plan([OAT, SLATE]), ask),
  dates: { pour: '2026-11-28T10:00' },
  room: { tempC: 20, rh: 50 },
};
const dates = (p: typeof dotted) => stageDates(p, brief(p));
const days = (from: string, to: string) => (Date.parse(`${to}Z`) - Date.parse(`${from}Z`)) / 864e5;

test('a stage begins once what lies under it has cured, each after the one before it', () => {
  const all = dates(dotted);
  expect(all).toHaveLength(stagesOf(dotted).length);
  expect(all[0]).toEqual({ from: '2026-11-28T10:00', to: '2026-11-28T10:00' });
  all.slice(1).forEach(({ from, to }, i) => {
    expect(from > all[i]!.from).toBe(true);
    expect(to >= from).toBe(true);
  });
  // The pour cures in one to four weeks and longer (handbook 7), a day of dots is dry to the touch long before.
  expect(days(all[0]!.from, all[1]!.from)).toBeGreaterThanOrEqual(7);
  expect(days(all[2]!.from, all[3]!.from)).toBeLessThan(3);
});

test('cool and damp it is later; without a day there are none', () => {
  const cool = dates({ ...dotted, room: { tempC: 12, rh: 75 } });
  // Dots dry the slower; curing right through takes the same weeks by the calendar.
  const dry = (all: typeof cool) => days(all[2]!.to, all[3]!.to);
  expect(dry(cool)).toBeGreaterThan(1.5 * dry(dates(dotted)));
  const { dates: _, ...undated } = dotted;
  expect(stageDates(undated, brief(undated))).toEqual([]);
});
