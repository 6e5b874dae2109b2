import { trim } from '../quantity/show';
import type { RemarkDefinition } from './evidence';

export const edgesUnplanned: RemarkDefinition = {
  id: 'edges-unplanned',
  see: ({ plan, measure, amounts, factors }) => {
    const { surface, budget } = plan;
    const planned = surface.coverEdges && budget.pots.some((p) => p.use === 'edge');
    if (surface.rim.kind === 'raised' || surface.edgeDepthMm < factors['edge-is-deep'] || planned)
      return [];
    const edgeCm2 = (measure.outlineMm * surface.edgeDepthMm * measure.pieces) / 100;
    const at = budget.pots.findIndex((p) => p.use === 'edge');
    const mix =
      budget.pots[at]?.mix ??
      amounts.pots.find((p) => p.use === 'base')?.mix ??
      budget.shares[0]?.mix;
    const pot = { use: 'edge', mix, filmMm: factors['edge-film'] };
    return [
      {
        severity: 'may',
        about: '/surface/edgeDepthMm',
        message: `The ${trim(surface.edgeDepthMm, 0)} mm edges are not planned and will stay patchy.`,
        advice: `They add ${trim(edgeCm2, 0)} cm², ${trim(factors['edge-film'], 1)} mm of film over them is ${trim((edgeCm2 * factors['edge-film']) / 10, 0)} mL.`,
        numbers: { edgeCm2, edgeDepthMm: surface.edgeDepthMm },
        ...(mix
          ? {
              fix: {
                label: 'Plan the edges',
                patch: [
                  { op: 'replace', path: '/surface/coverEdges', value: true },
                  at < 0
                    ? { op: 'add', path: `/budget/pots/${budget.pots.length}`, value: pot }
                    : { op: 'replace', path: `/budget/pots/${at}`, value: pot },
                ],
              },
            }
          : {}),
      },
    ];
  },
};
