import { edgesUnplanned } from '../../remark/edges-unplanned';
import type { CauseDefinition } from '../define';

export const edgesForgotten: CauseDefinition = {
  id: 'edges-forgotten',
  title: 'No paint set aside for the edges',
  nextTime: 'Set a pot aside for the edges, and coat them first.',
  weigh: (evidence) => {
    const [found] = edgesUnplanned.see(evidence);
    return found ? { times: 1.4, says: found.message } : undefined;
  },
};
