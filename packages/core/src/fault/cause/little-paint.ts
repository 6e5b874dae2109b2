import { trim } from '../../quantity/show';
import type { CauseDefinition } from '../define';

export const littlePaint: CauseDefinition = {
  id: 'little-paint',
  title: 'Too little paint',
  nextTime: 'Pour more, or take a smaller surface.',
  weigh: ({ plan, amounts, measure, factors }) => {
    const least = factors[plan.surface.rim.kind === 'raised' ? 'bare-below-in-rim' : 'bare-below'];
    const baseMl = amounts.pots.filter((p) => p.use === 'base').reduce((sum, p) => sum + p.ml, 0);
    const mm = amounts.laidMm + (10 * baseMl) / measure.areaCm2;
    return {
      times: least / Math.max(0.05, mm),
      says: `${trim(mm, 1)} mm is laid; below ${trim(least, 1)} mm corners stay bare.`,
    };
  },
};
