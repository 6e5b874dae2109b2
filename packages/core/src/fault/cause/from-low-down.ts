import type { CauseDefinition } from '../define';

export const fromLowDown: CauseDefinition = {
  id: 'from-low-down',
  title: 'Loaded from low down',
  nextTime: 'Let some layers fall in from high: they fold into each other.',
  weigh: ({ plan }) => {
    const layers = plan.cups.flatMap((cup) => cup.layers ?? []);
    if (layers.length < 2) return undefined;
    const high = layers.filter(({ placement }) => placement === 'high').length;
    return high > 0 ? undefined : { times: 1, says: 'No layer falls in from high.' };
  },
};
