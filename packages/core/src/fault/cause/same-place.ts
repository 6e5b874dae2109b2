import { samePlaceTwice } from '../../remark/same-place-twice';
import type { CauseDefinition } from '../define';

/** Each time it happens counts as much as what lies twice beyond a limit (judgement). */
const EACH = 2;

export const samePlace: CauseDefinition = {
  id: 'same-place',
  title: 'Twice in one place',
  nextTime: 'Take a fresh spot each time.',
  weigh: (evidence) => {
    const found = samePlaceTwice.see(evidence);
    return found[0] ? { times: EACH * found.length, says: found[0].message } : undefined;
  },
};
