import { vanishesOverDark } from '../../remark/vanishes-over-dark';
import type { CauseDefinition } from '../define';

export const clearOverDark: CauseDefinition = {
  id: 'clear-over-dark',
  title: 'A clear colour over a dark one',
  nextTime: 'Pour it over white, or stir some white in.',
  weigh: (evidence) => {
    const [found] = vanishesOverDark.see(evidence);
    return found
      ? {
          times: evidence.factors['seen-across-a-room'] / Math.max(1, found.numbers.deltaE ?? 1),
          says: found.message,
        }
      : undefined;
  },
};
