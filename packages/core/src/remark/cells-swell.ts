import { trim } from '../quantity/show';
import { longerTilts } from './longer-tilts';
import type { RemarkDefinition } from './evidence';

export const cellsSwell: RemarkDefinition = {
  id: 'cells-swell',
  see: ({ plan, outcome, factors }) => {
    const cells = outcome?.cells;
    const mostMm = factors['cells-swell-from'];
    if (!cells || cells.medianMm < mostMm) return [];
    const patch = plan.surface.rim.kind === 'raised' ? [] : longerTilts(plan.moves);
    return [
      {
        severity: 'may',
        about: '/moves',
        message: `Half of the cells grow wider than ${trim(cells.medianMm, 0)} mm: they may lose their shape.`,
        advice: 'Leave less paint lying, mix it thicker, or stop the rest earlier.',
        numbers: { medianMm: cells.medianMm, mostMm },
        ...(patch.length > 0 ? { fix: { label: 'Tilt half as long again', patch } } : {}),
      },
    ];
  },
};
