import { placeWords } from './place';

test.each([
  [[250, 200], 'the middle'],
  [[250, 10], 'the top edge'],
  // A quarter down is no edge.
  [[250, 100], 'above the middle'],
  [[250, 300], 'below the middle'],
  [[250, 395], 'the bottom edge'],
  [[40, 40], 'the upper left'],
  [[460, 380], 'the lower right'],
  [[20, 200], 'the left edge'],
  [[120, 200], 'left of the middle'],
] as const)('%j of 500 × 400 mm is %s', (at, says) => expect(placeWords(at, 500, 400)).toBe(says));
