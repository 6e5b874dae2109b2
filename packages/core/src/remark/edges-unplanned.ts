import { SCHOOLS } from '../budget/school';
import { trim } from '../quantity/show';
import type { RemarkDefinition } from './evidence';

export const edgesUnplanned: RemarkDefinition = {
  id: 'edges-unplanned',
  see: ({ plan, measure, amounts, factors }) => {
    const { surface, budget } = plan;
    const planned =
      surface.coverEdges &&
      (SCHOOLS[budget.school].countsEdges || budget.pots.some((p) => p.use === 'edge'));
    if (surface.edgeDepthMm < factors['edge-is-deep'] || planned) return [];
    const edgeCm2 = (measure.outlineMm * surface.edgeDepthMm * measure.pieces) / 100;
    const mix = amounts.pots.find((p) => p.use === 'base')?.mix ?? budget.shares[0]?.mix;
    return [
      {
        severity: 'may',
        about: '/surface/edgeDepthMm',
        message: `The ${trim(surface.edgeDepthMm, 0)} mm edges are not planned and will stay patchy.`,
        advice: `They add ${trim(edgeCm2, 0)} cm², half a millimetre of film over them is ${trim((edgeCm2 * 0.5) / 10, 0)} mL.`,
        numbers: { edgeCm2, edgeDepthMm: surface.edgeDepthMm },
        ...(mix
          ? {
              fix: {
                label: 'Plan the edges',
                patch: [
                  { op: 'replace', path: '/surface/coverEdges', value: true },
                  ...(SCHOOLS[budget.school].countsEdges
                    ? []
                    : [
                        {
                          op: 'add' as const,
                          path: `/budget/pots/${budget.pots.length}`,
                          value: { use: 'edge', mix, filmMm: 0.5 },
                        },
                      ]),
                ],
              },
            }
          : {}),
      },
    ];
  },
};
