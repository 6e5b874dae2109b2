import { trim } from '../quantity/show';
import { verbOf } from '../verb';
import type { RemarkDefinition } from './evidence';

/** What is mended is laid this much thinner than the most. */
const SPARE = 0.85;

/** So much laid before a tool is drawn over it that the tool only pushes. */
export const thickUnderSwipe: RemarkDefinition = {
  id: 'thick-under-swipe',
  see: ({ plan, measure, amounts, ledger, factors }) => {
    const first = plan.moves.findIndex((move) => verbOf(move).drawnOver);
    if (first < 0 || plan.surface.rim.kind === 'raised') return [];
    const mostMm = factors['swiped-most'];
    const before = ledger.entries.slice(0, first).flatMap((entry) => entry.takes);
    const laidMm = before.reduce((sum, { ml }) => sum + (10 * ml) / measure.areaCm2, 0);
    if (laidMm <= mostMm) return [];
    const beside = Math.max(0, laidMm - amounts.laidMm);
    const part =
      ((plan.budget.part ?? 1) * Math.max(0.1, SPARE * mostMm - beside)) / amounts.laidMm;
    return [
      {
        severity: 'may',
        about: `/moves/${first}`,
        message: `${trim(laidMm, 1)} mm of paint is laid before the stroke of move ${first + 1}: over so thick a film the tool only pushes.`,
        advice: `Lay no more than ${trim(mostMm, 1)} mm, and tilt it thin before the stroke.`,
        numbers: { laidMm, mostMm },
        ...(part >= 0.01 && part < (plan.budget.part ?? 1)
          ? {
              fix: {
                label: `Lay ${trim(100 * part, 0)} % of the colours`,
                patch: [{ op: 'add', path: '/budget/part', value: Number(part.toFixed(2)) }],
              },
            }
          : {}),
      },
    ];
  },
};
