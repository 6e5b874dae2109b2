import type { CauseDefinition } from '../define';

export const dryGround: CauseDefinition = {
  id: 'dry-ground',
  title: 'Poured on a dry ground',
  nextTime: 'A base coat just before, or a thin coat on the edges.',
  weigh: ({ plan: { surface, budget } }) => {
    const base = budget.pots.some(({ use }) => use === 'base');
    const raw = surface.absorbency === 'raw';
    if (base && !raw) return undefined;
    return raw
      ? { times: base ? 1.3 : 2.5, says: 'The ground is raw and drinks the first paint.' }
      : { times: 1.1, says: 'Nothing wet lies under the pour.' };
  },
};
