import type { CauseDefinition } from '../define';
import { heats } from '../heat';

export const noOpener: CauseDefinition = {
  id: 'no-opener',
  title: 'No oil, no activator, no torch',
  nextTime: 'A drop of silicone in a few of the mixes, an activator, or a torch.',
  weigh: ({ plan, book }) => {
    const oil = plan.mixes.some((mix) =>
      mix.additives?.some((a) => book.material(a.material).role === 'oil'),
    );
    const activator = plan.budget.pots.some(({ use }) => use === 'activator');
    const torch = plan.moves.some((move) => heats(move));
    const none = [oil, activator, torch].filter(Boolean).length;
    return none === 0
      ? { times: 2, says: 'Nothing in it opens paint but its own weight.' }
      : undefined;
  },
};
