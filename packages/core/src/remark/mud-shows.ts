import { trim } from '../quantity/show';
import type { RemarkDefinition } from './evidence';

export const mudShows: RemarkDefinition = {
  id: 'mud-shows',
  see: ({ outcome, factors }) => {
    const mud = outcome?.read?.mud ?? 0;
    if (mud < factors['mud-from']) return [];
    return [
      {
        severity: 'may',
        about: '/cups',
        message: `${trim(mud * 100, 0)} % of the picture turns to mud: dull colours nobody mixed.`,
        advice:
          'Keep opposites apart with white or black between them, mix them thicker, and move them less.',
        numbers: { mud },
      },
    ];
  },
};
