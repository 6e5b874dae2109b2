import { placementWords } from './placement-words';

test.each([
  [{ placement: 'wall' }, 'down the wall'],
  [{ placement: 'middle' }, 'into the middle'],
  [{ placement: 'high', dropMm: 250 }, 'from 25 cm high'],
  [{ placement: 'high' }, 'from 15 cm high'],
  [{ placement: 'side', sideDeg: 180 }, 'to the left'],
] as const)('%o goes in %s', (layer, words) => expect(placementWords(layer)).toBe(words));
