import { trim } from '../../quantity/show';
import type { CauseDefinition } from '../define';

/** What a level pour varies by from its mean to its thickest place (as previews of plain pours have it). */
const USUAL = 1.8;

export const uneven: CauseDefinition = {
  id: 'uneven',
  title: 'Paint lies unevenly',
  nextTime: 'Spread it evenly before it rests, on a level board.',
  weigh: ({ outcome }) => {
    if (!outcome || outcome.film.meanMm === 0) return undefined;
    const over = outcome.film.thickestMm / outcome.film.meanMm;
    return {
      times: over / USUAL,
      says: `Its thickest place holds ${trim(over, 1)} times the mean film.`,
    };
  },
};
