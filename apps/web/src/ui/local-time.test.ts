import { clock, localTime } from './local-time';

test.each([
  [0, '0:00'],
  [14, '0:14'],
  [401, '6:41'],
  [3723, '1:02:03'],
  [-5, '−0:05'],
])('%d s is %s', (s, shown) => expect(clock(s)).toBe(shown));

test('a moment in local time', () =>
  expect(localTime(new Date(2026, 10, 28, 9, 5).getTime())).toBe('2026-11-28T09:05'));
