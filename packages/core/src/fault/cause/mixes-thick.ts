import { stepLimits } from '../../mix/consistency';
import { trim } from '../../quantity/show';
import { nameOf } from '../../remark/evidence';
import type { CauseDefinition } from '../define';
import { poured } from '../poured';

export const mixesThick: CauseDefinition = {
  id: 'mixes-thick',
  title: 'Mixes too thick',
  nextTime: 'Thin it a little, with medium before water.',
  weigh: (evidence) => {
    const [thickest] = poured(evidence).sort((a, b) => b.viscosityPaS - a.viscosityPaS);
    if (!thickest) return undefined;
    return {
      times: thickest.viscosityPaS / stepLimits('medium').belowPaS,
      says: `${nameOf(evidence, thickest.mix)} is the thickest, ${trim(thickest.viscosityPaS, 1)} Pa·s; it flows badly from ${trim(stepLimits('medium').belowPaS, 1)}.`,
    };
  },
};
