import { factorsWith } from '../../factor';
import { plan } from '../fixture.test-data';
import { setShaken } from '../edit';
import { bubblesLeaveIn } from './bubbles';

test('shaken mixes stand half an hour, over midnight too, or as long as the artist has found', () => {
  const p = setShaken(plan(), '2026-11-28T23:50');
  expect(bubblesLeaveIn(p, '2026-11-28T23:50')).toBe(30);
  expect(bubblesLeaveIn(p, '2026-11-29T00:19')).toBe(1);
  expect(bubblesLeaveIn(p, '2026-11-29T00:20')).toBe(0);
  expect(bubblesLeaveIn(p, '2026-11-29T00:00', factorsWith({ 'bubbles-leave': 10 }))).toBe(0);
  expect(bubblesLeaveIn(setShaken(p, undefined), '2026-11-29T00:00')).toBeUndefined();
});
