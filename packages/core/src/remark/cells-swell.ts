import { poursOf } from '../flow/outcome';
import { trim } from '../quantity/show';
import { longerTilts } from './longer-tilts';
import type { RemarkDefinition } from './evidence';

export const cellsSwell: RemarkDefinition = {
  id: 'cells-swell',
  see: ({ plan, outcome, factors }) => {
    const mostMm = factors['cells-swell-from'];
    const medians = outcome ? poursOf(outcome).map(({ cells }) => cells?.medianMm ?? 0) : [];
    const medianMm = Math.max(0, ...medians);
    if (medianMm < mostMm) return [];
    const patch = plan.surface.rim.kind === 'raised' ? [] : longerTilts(plan.moves);
    return [
      {
        severity: 'may',
        about: '/moves',
        message: `Half of the cells grow wider than ${trim(medianMm, 0)} mm: they may lose their shape.`,
        advice: 'Leave less paint lying, mix it thicker, or stop the rest earlier.',
        numbers: { medianMm, mostMm },
        ...(patch.length > 0 ? { fix: { label: 'Tilt half as long again', patch } } : {}),
      },
    ];
  },
};
