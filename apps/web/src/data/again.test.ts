import { Away, Refused } from './api';
import { mayPass, waitMs } from './again';

const refused = (status: number) =>
  new Refused(status, { code: 'invalid', message: 'No.', faults: [] });

test.each([
  [new Away(), true],
  [refused(500), true],
  [refused(503), true],
  [refused(408), true],
  [refused(429), true],
  [refused(400), false],
  [refused(404), false],
  [refused(409), false],
  [refused(413), false],
  [new Error('a fault of our own'), false],
])('%s may pass: %s', (error, may) => expect(mayPass(error)).toBe(may));

test('twice as long each time, and never longer than a studio in the same room is worth waiting for', () => {
  expect([1, 2, 3, 4, 50].map(waitMs)).toEqual([3000, 6000, 12_000, 20_000, 20_000]);
  expect(waitMs(0)).toBe(3000);
});
