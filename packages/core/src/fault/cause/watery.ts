import { trim } from '../../quantity/show';
import { nameOf } from '../../remark/evidence';
import type { CauseDefinition } from '../define';
import { poured } from '../poured';

export const watery: CauseDefinition = {
  id: 'watery',
  title: 'Too much water',
  nextTime: 'Thin with medium instead of water.',
  weigh: (evidence) => {
    const [wettest] = poured(evidence).sort((a, b) => b.waterShare - a.waterShare);
    if (!wettest) return undefined;
    const most = evidence.factors['water-crazes-from'];
    return {
      times: wettest.waterShare / most,
      says: `${nameOf(evidence, wettest.mix)} is ${trim(100 * wettest.waterShare, 0)} % water; it crazes from ${trim(100 * most, 0)} %.`,
    };
  },
};
