import { trim } from '../../quantity/show';
import type { CauseDefinition } from '../define';

export const thinBase: CauseDefinition = {
  id: 'thin-base',
  title: 'A thin base coat',
  nextTime: 'Lay the base thicker, into the corners and over the edges.',
  weigh: ({ amounts, measure, factors }) => {
    const baseMl = amounts.pots.filter((p) => p.use === 'base').reduce((sum, p) => sum + p.ml, 0);
    if (baseMl === 0) return undefined;
    const mm = (10 * baseMl) / measure.areaCm2;
    return {
      times: factors['base-at-least'] / mm,
      says: `The base is ${trim(mm, 2)} mm; ${trim(factors['base-at-least'], 2)} mm lets paint slide over it.`,
    };
  },
};
