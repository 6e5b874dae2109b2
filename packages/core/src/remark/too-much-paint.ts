import { trim } from '../quantity/show';
import type { RemarkDefinition } from './evidence';

export const tooMuchPaint: RemarkDefinition = {
  id: 'too-much-paint',
  see: ({ plan, amounts, measure, factors }) => {
    const raised = plan.surface.rim.kind === 'raised';
    const baseMl = amounts.pots.filter((p) => p.use === 'base').reduce((sum, p) => sum + p.ml, 0);
    const baseMm = (baseMl / measure.areaCm2) * 10;
    const wetMm = amounts.laidMm + baseMm;
    const limit = factors[raised ? 'most-stays' : 'most-laid'];
    if (wetMm <= limit) return [];
    const laidMm = Math.max(0.5, Number((limit * 0.8 - baseMm).toFixed(2)));
    return [
      {
        severity: raised ? 'spoils' : 'may',
        about: '/budget',
        message: raised
          ? 'The rim keeps all the paint in: the film will be thick enough to crack.'
          : 'Most of this paint will run into the tray.',
        advice: `It lays ${trim(wetMm, 1)} mm; ${trim(limit, 1)} mm is as much as ${raised ? 'dries sound' : 'is of use'}.`,
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
