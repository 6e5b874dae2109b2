import { trim } from '../../quantity/show';
import type { CauseDefinition } from '../define';

export const thickFilm: CauseDefinition = {
  id: 'thick-film',
  title: 'A thick film',
  nextTime: 'A thinner film: tilt more off before it rests.',
  weigh: ({ plan, amounts, outcome, factors }) => {
    const raised = plan.surface.rim.kind === 'raised';
    const mm = outcome?.film.thickestMm ?? (raised ? amounts.laidMm : amounts.stayMm);
    const most = factors[outcome ? 'thick-left' : 'most-stays'];
    return {
      times: mm / most,
      says: `${trim(mm, 1)} mm ${outcome ? 'at its thickest' : 'stays'}; ${trim(most, 1)} mm is the most that dries well.`,
    };
  },
};
