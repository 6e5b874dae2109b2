import { dayWords, whenWords } from './day-words';

test('days are said with the day of the week, in any zone', () => {
  expect(dayWords('2026-11-28')).toBe('Sat 28 Nov');
  expect(whenWords('2026-11-28')).toBe('Saturday 28 November 2026');
  expect(whenWords('2026-11-28T00:05')).toBe('Saturday 28 November 2026, 00:05');
});
