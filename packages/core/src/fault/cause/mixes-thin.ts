import { stepLimits } from '../../mix/consistency';
import { trim } from '../../quantity/show';
import { nameOf } from '../../remark/evidence';
import type { CauseDefinition } from '../define';
import { poured } from '../poured';

export const mixesThin: CauseDefinition = {
  id: 'mixes-thin',
  title: 'Mixes too thin',
  nextTime: 'Mix it thicker: less medium or water.',
  weigh: (evidence) => {
    const [thinnest] = poured(evidence).sort((a, b) => a.viscosityPaS - b.viscosityPaS);
    if (!thinnest) return undefined;
    return {
      times: stepLimits('flowing').fromPaS / thinnest.viscosityPaS,
      says: `${nameOf(evidence, thinnest.mix)} is the thinnest, ${trim(thinnest.viscosityPaS, 2)} Pa·s; runny begins below ${trim(stepLimits('flowing').fromPaS, 2)}.`,
    };
  },
};
