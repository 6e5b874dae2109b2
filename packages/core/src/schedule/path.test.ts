import { addDots } from '../plan/edit/stages';
import { brief } from '../plan/brief/brief';
import { OAT, plan, SLATE } from '../plan/fixture.test-data';
import { sheetsWith, USUAL_SHEETS } from '../coat';
import type { Move } from '../verb';
import { pathOf } from './path';
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
const dates = (p: typeof dotted) => brief(p).schedule.filter(({ act }) => act === 'stage');
const days = (from: string, to: string) => (Date.parse(`${to}Z`) - Date.parse(`${from}Z`)) / 864e5;

test('a stage begins once what lies under it has cured, each after the one before it', () => {
  const all = dates(dotted);
  expect(all.map(({ stage }) => stage)).toEqual(
    stagesOf(dotted)
      .map((_, nth) => nth)
      .slice(1),
  );
  // The pour cures in one to four weeks and longer (handbook 7), a day of dots is dry to the touch long before.
  expect(days('2026-11-28T10:00', all[0]!.from)).toBeGreaterThanOrEqual(7);
  expect(days(all[1]!.from, all[2]!.from)).toBeLessThan(3);
  for (const { from, to } of all) expect(to >= from).toBe(true);
  for (const [i, one] of all.slice(1).entries()) expect(one.from > all[i]!.from).toBe(true);
});

test('cool and damp it is later; without a day there are none', () => {
  const cool = dates({ ...dotted, room: { tempC: 12, rh: 75 } });
  const dry = (all: typeof cool) => days(all[1]!.to, all[2]!.to);
  expect(dry(cool)).toBeGreaterThan(1.5 * dry(dates(dotted)));
  const { dates: _, ...undated } = dotted;
  expect(brief(undated).schedule).toEqual([]);
  expect(brief(undated).path.length).toBeGreaterThan(3);
});

const film = { wetMm: 0.6, tempC: 20, rh: 50, small: false, oily: false };
const moves = (...list: Record<string, unknown>[]) =>
  [{ verb: 'rest' }, ...list].map((m, i) => ({ id: `m${i}`, ...m })) as unknown as Move[];
const begins = (list: readonly Move[], of = film, options = {}) =>
  pathOf(list, of, options).filter(({ act }) => act === 'stage');

test('each school has its own day for a coat (handbook 7): a day, a week, tiles the next day', () => {
  const coated = moves(
    { verb: 'dry', until: 'coat' },
    { verb: 'coat', product: 'varnish', filmMm: 0.1 },
  );
  const at = (waiting: 'day' | 'week' | 'tiles', of = film) =>
    begins(coated, { ...of, ...{ waiting } })[0]!;
  expect(at('day')).toMatchObject({ fromH: 24, toH: 24 });
  expect(at('week')).toMatchObject({ fromH: 168, toH: 168 });
  expect(at('tiles', { ...film, small: true })).toMatchObject({ fromH: 24 });
  expect(at('tiles')).toMatchObject({ fromH: 168 });
  // Without a school: as soon as by the quick one, as late as by the patient one.
  expect(begins(coated)[0]).toMatchObject({ fromH: 24, toH: 168 });
});

test('a coat dries by its sheet and not as paint of its thickness would: twice as slow in a room 10 °C colder', () => {
  const coated = moves(
    { verb: 'dry', until: 'coat' },
    { verb: 'coat', product: 'resin', filmMm: 3 },
    { verb: 'dry', until: 'coat' },
    { verb: 'coat', product: 'resin', filmMm: 3 },
    { verb: 'dry', until: 'cured' },
  );
  const [first, second] = begins(coated, { ...film, ...{ waiting: 'day' } });
  expect(second!.fromH - first!.fromH).toBe(USUAL_SHEETS.resin.againH);
  const cold = begins(coated, { ...film, ...{ waiting: 'day', tempC: 10 } });
  expect(cold[1]!.fromH - cold[0]!.fromH).toBeCloseTo(2 * USUAL_SHEETS.resin.againH, 6);
  const slow = sheetsWith({ resin: { ...USUAL_SHEETS.resin, againH: 72 } });
  const own = begins(coated, film, { sheets: slow });
  expect(own[1]!.fromH - own[0]!.fromH).toBe(72);
  expect(pathOf(coated, film).at(-1)).toMatchObject({ act: 'cured', stage: 2 });
});

test('from a later stage on the path is what is left of it', () => {
  const coated = moves(
    { verb: 'dry', until: 'coat' },
    { verb: 'wipe', times: 2 },
    { verb: 'dry', until: 'touch' },
    { verb: 'coat', product: 'varnish', filmMm: 0.1 },
  );
  const whole = pathOf(coated, film);
  expect(whole.map(({ act, title }) => title ?? act)).toEqual([
    'touch',
    'handle',
    'Oil off',
    'Oil off',
    'Top coat',
    'Top coat',
    'Top coat',
  ]);
  expect(pathOf(coated, film, { from: 1 }).map(({ act }) => act)).toEqual([
    'touch',
    'stage',
    'touch',
    'cured',
  ]);
  // What was wiped dries in about an hour, not in a day.
  expect(pathOf(coated, film, { from: 1 })[1]!.toH).toBeLessThan(4);
});

test('it may be turned a day after the pour, and not before it is dry to the touch', () => {
  const of = (wetMm: number) => pathOf([], { ...film, wetMm });
  const spans = (wetMm: number) =>
    ['touch', 'handle'].map((act) => of(wetMm).find((one) => one.act === act)!);
  const [thinTouch, thinTurn] = spans(0.3);
  expect(thinTouch!.toH).toBeLessThan(24);
  expect([thinTurn!.fromH, thinTurn!.toH]).toEqual([24, 24]);
  const [thickTouch, thickTurn] = spans(3);
  expect(thickTurn!.toH).toBe(thickTouch!.toH);
  expect(thickTurn!.fromH).toBe(Math.max(24, thickTouch!.fromH));
});

test('a pour on a dried one dries by its own film, where that is known', () => {
  const twice = moves({ verb: 'dry', until: 'touch' }, { verb: 'flip', cup: 'c' });
  const thin = { ...film, wetMm: film.wetMm / 4 };
  const whole = pathOf(twice, film);
  const parted = pathOf(twice, film, { films: new Map([[1, thin]]) });
  const lasts = (path: typeof whole, stage: number) => {
    const begins = path.find((one) => one.act === 'stage' && one.stage === stage)?.toH ?? 0;
    return path.find((one) => one.act === 'touch' && one.stage === stage)!.toH - begins;
  };
  expect(lasts(parted, 0)).toBe(lasts(whole, 0));
  expect(lasts(parted, 1)).toBeLessThan(0.6 * lasts(whole, 1));
  expect(lasts(parted, 1)).toBeCloseTo(pathOf([], thin)[0]!.toH, 6);
});
