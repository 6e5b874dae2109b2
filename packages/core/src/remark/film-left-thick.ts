import { trim } from '../quantity/show';
import { longerTilts } from './longer-tilts';
import type { RemarkDefinition } from './evidence';

/** Thicker wet films crack, and cells in them swell until they lose their shape (handbook 2 and 8; the figure is an estimate). */
const THICK_MM = 2.5;

export const filmLeftThick: RemarkDefinition = {
  id: 'film-left-thick',
  see: ({ plan, outcome }) => {
    if (!outcome || plan.surface.rim.kind === 'raised' || outcome.film.thickestMm < THICK_MM)
      return [];
    const patch = longerTilts(plan.moves);
    return [
      {
        severity: 'may',
        about: '/moves',
        message: `The film stays ${trim(outcome.film.thickestMm, 1)} mm thick in places: it may crack, and cells swell.`,
        advice: `Tilt more of it off: about ${THICK_MM} mm is the most that dries well.`,
        numbers: { thickestMm: outcome.film.thickestMm, mostMm: THICK_MM },
        ...(patch.length > 0 ? { fix: { label: 'Tilt half as long again', patch } } : {}),
      },
    ];
  },
};
