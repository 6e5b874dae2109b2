import { poursOf } from '../flow/outcome';
import { trim } from '../quantity/show';
import type { RemarkDefinition } from './evidence';
import { runOffOf } from './run-off';

export const moreRunsOff: RemarkDefinition = {
  id: 'more-runs-off',
  see: ({ plan, measure, amounts, outcome, factors }) => {
    if (!outcome || plan.surface.rim.kind === 'raised') return [];
    const offs = poursOf(outcome).map((pour) => runOffOf(measure, amounts, pour));
    const lostG = offs.reduce((sum, off) => sum + off.lostG, 0);
    const expectedG = offs.reduce((sum, off) => sum + off.expectedG, 0);
    if (expectedG <= 0 || lostG <= expectedG * (1 + factors['run-off-over'])) return [];
    return [
      {
        severity: 'note',
        about: '/moves',
        message: `${trim(lostG, 0)} g run off, ${trim(lostG - expectedG, 0)} g more than reckoned.`,
        advice: `${trim(outcome.film.meanMm, 1)} mm stay: tilt for a shorter time, or pour less to begin with.`,
        numbers: { lostG, expectedG, meanMm: outcome.film.meanMm },
      },
    ];
  },
};
