import { defineVerb } from './define';
import { pouredThrough } from './empties';
import { placeWords } from './place';
import { fallsFar, HEIGHT, pouredAlong } from './poured-along';

export const pour = defineVerb({
  id: 'pour',
  title: 'Pour',
  fields: {
    cups: { kind: 'cups', label: 'Cups, one after the other' },
    atMm: { kind: 'point', label: 'Where' },
    heightMm: HEIGHT,
  },
  usualS: 30,
  each: true,
  says: ({ cups, atMm, heightMm }, { cupName, widthMm, heightMm: surfaceMm }) =>
    `Pour ${cups.map(cupName).join(', then ')} on ${placeWords(atMm, widthMm, surfaceMm)} in one place, ${Math.round(heightMm / 10)} cm high, in an even stream.`,
  does: ({ cups, atMm, heightMm, s, own }, desk) =>
    pouredAlong([atMm], cups, { heightMm, ...(own ? { s } : {}) }, desk),
  unseen: fallsFar,
  empties: pouredThrough,
  marks: ({ atMm }) => [{ kind: 'disc', atMm, rMm: 0 }],
  label: () => 'pour',
});
