import { poursOf } from '../flow/outcome';
import { trim } from '../quantity/show';
import { longerTilts } from './longer-tilts';
import type { RemarkDefinition } from './evidence';

export const filmLeftThick: RemarkDefinition = {
  id: 'film-left-thick',
  see: ({ plan, outcome, factors }) => {
    const mostMm = factors['thick-left'];
    if (!outcome || plan.surface.rim.kind === 'raised') return [];
    const thickestMm = Math.max(...poursOf(outcome).map(({ film }) => film.thickestMm));
    if (thickestMm < mostMm) return [];
    const patch = longerTilts(plan.moves);
    return [
      {
        severity: 'may',
        about: '/moves',
        message: `The film stays ${trim(thickestMm, 1)} mm thick in places: it may crack, and cells swell.`,
        advice: `Tilt more of it off: about ${trim(mostMm, 1)} mm is the most that dries well.`,
        numbers: { thickestMm, mostMm },
        ...(patch.length > 0 ? { fix: { label: 'Tilt half as long again', patch } } : {}),
      },
    ];
  },
};
