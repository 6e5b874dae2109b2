import type { School } from './school';

const USUAL_MM = 2;

export const film = {
  id: 'film',
  name: 'By film',
  says: 'So many millimetres of colour laid over the whole face.',
  overBase: true,
  insurance: 0.1,
  starts: { laidMm: USUAL_MM },
  colours: ({ areaCm2 }, { laidMm = USUAL_MM }) => ({ ml: (areaCm2 * laidMm) / 10 }),
} as const satisfies School;
