import type { School } from './school';

/** cm² ÷ 2.5 = grams (common practice, no published source). */
export const GENEROUS_G_PER_CM2 = 1 / 2.5;

export const generous = {
  id: 'generous',
  name: 'Generous',
  says: 'A gram for every 2.5 cm² of the face. Most of it runs off and carries the picture over the edges.',
  overBase: false,
  mayCountEdges: true,
  insurance: 0,
  holdsBase: true,
  colours: ({ areaCm2, edgeCm2 }, { countEdges }) => ({
    g: (areaCm2 + (countEdges ? edgeCm2 : 0)) * GENEROUS_G_PER_CM2,
  }),
} as const satisfies School;
