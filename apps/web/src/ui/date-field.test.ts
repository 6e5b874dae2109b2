import { readDate } from './date-field';

test.each([
  ['2026-11-28', '2026-11-28'],
  ['2026-11-28 9:30', '2026-11-28T09:30'],
  ['28.11.2026 10:00', '2026-11-28T10:00'],
  ['', undefined],
])('"%s" is %s', (text, value) => expect(readDate(text)).toEqual({ ok: true, value }));

test.each([
  ['2026-02-30', 'There is no such day.'],
  ['2026-13-01', 'There is no such day.'],
  ['2026-11-28 25:00', 'There is no such time.'],
  ['tomorrow', 'Write 2026-11-28, or with a time 2026-11-28 10:00.'],
])('"%s" is refused: %s', (text, fault) => expect(readDate(text)).toEqual({ ok: false, fault }));
