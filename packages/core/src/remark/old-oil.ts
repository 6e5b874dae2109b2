import { taskMove, taskOf } from '../verb';
import type { RemarkDefinition } from './evidence';

const CLEAN = 'clean-oil';

export const oldOil: RemarkDefinition = {
  id: 'old-oil',
  see: ({ plan }) => {
    const { over } = plan.surface;
    if (!over || over.silicone === 'no') return [];
    if (plan.moves.some((m) => taskOf(m) === CLEAN)) return [];
    const known = over.silicone === 'yes';
    return [
      {
        severity: known ? 'spoils' : 'may',
        about: '/surface/over',
        message: known
          ? 'The old pour’s silicone is still on it: the new paint will crawl and peel.'
          : 'The old pour may hold silicone, and then the new paint will crawl and peel.',
        advice: 'Clean it off first, twice, with what the maker of that paint names.',
        numbers: {},
        fix: {
          label: 'Clean it first',
          patch: [
            {
              op: 'add',
              path: '/moves/0',
              value: taskMove(CLEAN),
            },
          ],
        },
      },
    ];
  },
};
