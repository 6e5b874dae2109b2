import { withinMm } from './edge-distance';

const SQUARE = [0, 0, 100, 0, 100, 100, 0, 100];
const HOLE = [40, 40, 60, 40, 60, 60, 40, 60];

test('a place is as far within as its nearest edge, a hole’s among them, and less than nothing off the face', () => {
  expect(withinMm([SQUARE], 50, 30)).toBeCloseTo(30, 9);
  expect(withinMm([SQUARE, HOLE], 50, 30)).toBeCloseTo(10, 9);
  expect(withinMm([SQUARE, HOLE], 50, 50)).toBeCloseTo(-10, 9);
  expect(withinMm([SQUARE], -3, -4)).toBeCloseTo(-5, 9);
});
