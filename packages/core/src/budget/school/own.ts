import { GENEROUS_G_PER_CM2 } from './generous';
import type { School } from './school';

export const own = {
  id: 'own',
  name: 'Own figure',
  says: 'Your own grams for each square centimetre of the face.',
  overBase: false,
  mayCountEdges: true,
  insurance: 0,
  colours: ({ areaCm2, edgeCm2 }, { gPerCm2 = GENEROUS_G_PER_CM2, countEdges }) => ({
    g: (areaCm2 + (countEdges ? edgeCm2 : 0)) * gPerCm2,
  }),
} as const satisfies School;
