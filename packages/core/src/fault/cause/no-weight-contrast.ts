import { trim } from '../../quantity/show';
import type { CauseDefinition } from '../define';
import { poured } from '../poured';

/** Heavy over light opens cells from about so much difference, g/mL (as `light-paint` has it; an estimate). */
const APART_G_PER_ML = 0.05;

export const noWeightContrast: CauseDefinition = {
  id: 'no-weight-contrast',
  title: 'All mixes weigh and shine alike',
  nextTime: 'A heavy white over a light colour, or one matt mix among satin ones.',
  weigh: (evidence) => {
    const mixes = poured(evidence);
    if (mixes.length < 2) return undefined;
    const weights = mixes.map(({ densityGPerMl }) => densityGPerMl);
    const apart = Math.max(...weights) - Math.min(...weights);
    const finishes = new Set(mixes.flatMap(({ finishes: of }) => of));
    return {
      times: finishes.size > 1 ? 0.8 : Math.min(5, APART_G_PER_ML / Math.max(0.01, apart)),
      says: `They lie ${trim(apart, 2)} g/mL apart${finishes.size === 1 ? ', all of one finish' : ''}.`,
    };
  },
};
