import { trim } from '../quantity/show';
import type { RemarkDefinition } from './evidence';

/** A film that stays thicker than this cracks or lets cells swell (estimate). */
const THICKEST_STAY_MM = 2;
/** More than this laid on an open surface is poured into the bin. */
const THICKEST_LAID_MM = 5;

export const tooMuchPaint: RemarkDefinition = {
  id: 'too-much-paint',
  see: ({ plan, amounts, measure }) => {
    const raised = plan.surface.rim.kind === 'raised';
    const baseMl = amounts.pots.filter((p) => p.use === 'base').reduce((sum, p) => sum + p.ml, 0);
    const baseMm = (baseMl / measure.areaCm2) * 10;
    const wetMm = amounts.laidMm + baseMm;
    const limit = raised ? THICKEST_STAY_MM : THICKEST_LAID_MM;
    if (wetMm <= limit) return [];
    const laidMm = Math.max(0.5, Number((limit * 0.8 - baseMm).toFixed(2)));
    return [
      {
        severity: raised ? 'spoils' : 'may',
        about: '/budget',
        message: raised
          ? 'The rim keeps all the paint in: the film will be thick enough to crack.'
          : 'Most of this paint will run into the tray.',
        advice: `It lays ${trim(wetMm, 1)} mm; ${limit} mm is as much as ${raised ? 'dries sound' : 'is of use'}.`,
        numbers: { wetMm, mostMm: limit },
        fix: {
          label: `Lay ${laidMm} mm of colour`,
          patch: [
            { op: 'replace', path: '/budget/school', value: 'film' },
            { op: 'add', path: '/budget/laidMm', value: laidMm },
            { op: 'replace', path: '/budget/insurance', value: 0 },
          ],
        },
      },
    ];
  },
};
