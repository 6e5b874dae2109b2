import { saturationHPa, vapourDeficitHPa } from '../climate';
import { coatable, cured, touchDry } from './dry';
import { pathOf } from './path';
import { addHours, scheduleOf } from './schedule';

const film = { wetMm: 1, tempC: 20, rh: 50, small: false, oily: false };

// Saturation vapour pressure over water, WMO tables, from memory: 6.11 hPa at 0 °C, 12.27 at 10, 23.39 at 20, 42.47 at 30.
test.each([
  [0, 6.112],
  [10, 12.28],
  [20, 23.39],
  [30, 42.45],
])('air at %d °C holds up to %d hPa', (t, hPa) => expect(saturationHPa(t)).toBeCloseTo(hPa, 0));

// Handbook 7, common practice, no published source.
test('a film of 1 mm in an ordinary room is touch-dry in about a day', () => {
  const { fromH, toH } = touchDry(film);
  expect(fromH).toBeLessThan(24);
  expect(toH).toBeGreaterThan(24);
  expect(toH).toBeLessThan(36);
});
test('thick or cool films take one to three days', () => {
  expect(touchDry({ ...film, wetMm: 1.6 }).toH).toBeLessThan(80);
  expect(touchDry({ ...film, wetMm: 1.6 }).toH).toBeGreaterThan(48);
  expect(touchDry({ ...film, tempC: 12 }).fromH).toBeGreaterThan(touchDry(film).fromH);
});
test('small tiles of half a millimetre are surface-dry in about two hours and not handled for a day', () => {
  const tile = { ...film, wetMm: 0.5, small: true };
  const { fromH, toH } = touchDry(tile);
  expect(fromH).toBeLessThan(2);
  expect(toH).toBeGreaterThan(1.5);
  expect(toH).toBeLessThan(4);
  expect(coatable(tile).fromH).toBeGreaterThanOrEqual(24);
});
test('damp air dries slower, still air of 100 % does not divide by nothing', () => {
  expect(touchDry({ ...film, rh: 80 }).toH).toBeGreaterThan(2 * touchDry(film).toH);
  expect(Number.isFinite(touchDry({ ...film, rh: 100 }).toH)).toBe(true);
  expect(vapourDeficitHPa(20, 50)).toBeCloseTo(11.7, 1);
});
test('a coat may follow after a day by one school and a week by the other, later for thick film', () => {
  expect(coatable({ ...film, wetMm: 0.6 }).fromH).toBe(24);
  expect(coatable({ ...film, wetMm: 0.6 }).toH).toBe(7 * 24);
  expect(coatable({ ...film, wetMm: 2 }).toH).toBeGreaterThan(7 * 24);
});
test('each stage comes after the one before', () => {
  for (const wetMm of [0.3, 0.8, 1.5, 3]) {
    const f = { ...film, wetMm };
    expect(cured(f).toH).toBeGreaterThan(coatable(f).fromH);
    expect(cured(f).fromH).toBeGreaterThanOrEqual(touchDry(f).toH);
  }
});

test('hours are added over the ends of months, years and leap days', () => {
  expect(addHours('2026-11-30T23:30', 1)).toBe('2026-12-01T00:30');
  expect(addHours('2026-12-31', 12)).toBe('2027-01-01T00:00');
  expect(addHours('2028-02-28T12:00', 24)).toBe('2028-02-29T12:00');
});

test('the schedule starts with the pour, tells of the oil, and ends with what was promised', () => {
  const acts = scheduleOf(
    '2026-11-28T10:00',
    1800,
    pathOf([], { ...film, oily: true }),
    '2026-12-12',
  ).map((e) => e.act);
  expect(acts).toEqual(['pour', 'touch', 'handle', 'clean', 'coat', 'cured', 'due']);
});
